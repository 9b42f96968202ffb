#pragma once

class Lamp {
public:
    void on() { lit_ = true; }
    void off() { lit_ = false; }
    void dim(int percent) { level_ = percent; }

private:
    bool lit_ = false;
    int level_ = 100;
};

class Pier {
public:
    explicit Pier(Lamp* lamp) : lamp_(lamp) {}
    void dusk() {
        if (lamp_ != nullptr) lamp_->on();
        ++nights_;
    }
    void dawn() {
        if (lamp_) {
            lamp_->off();
        }
    }
    void fog() {
        if (!lamp_) return;
        lamp_->dim(100);
    }

private:
    Lamp* lamp_;
    int nights_ = 0;
};
