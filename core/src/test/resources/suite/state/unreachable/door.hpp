#pragma once
class Door;
class DoorMode { public: virtual ~DoorMode() = default; virtual void press(Door& door) = 0; virtual bool lit() const { return false; } };
class Shut : public DoorMode { public: void press(Door& door) override; };
class Opened : public DoorMode { public: void press(Door& door) override; bool lit() const override { return true; } };
class Jammed : public DoorMode { public: void press(Door&) override {} bool lit() const override { return true; } };
class Door {
public:
    Door();
    ~Door() { delete mode_; }
    void press() {
        if (dynamic_cast<Jammed*>(mode_)) { presses_++; }
        mode_->press(*this);
    }
    void change(DoorMode* next) { delete mode_; mode_ = next; }
    bool lit() const { return mode_->lit(); }
private:
    DoorMode* mode_;
    int presses_ = 0;
};
