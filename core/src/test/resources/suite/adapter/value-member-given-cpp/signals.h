#pragma once

class OldHorn {
public:
    explicit OldHorn(int pitch) : pitch_(pitch) {}
    void blow(int milliseconds) { blown_ += milliseconds * pitch_; }

private:
    int pitch_;
    int blown_ = 0;
};

class Signal {
public:
    virtual ~Signal() = default;
    virtual void sound(double seconds) = 0;
};

class HornSignal : public Signal {
public:
    explicit HornSignal(OldHorn horn);
    void sound(double seconds) override;

private:
    OldHorn horn_;
};

class LampSignal : public Signal {
public:
    void sound(double seconds) override { lit_ = seconds > 0; }

private:
    bool lit_ = false;
};
