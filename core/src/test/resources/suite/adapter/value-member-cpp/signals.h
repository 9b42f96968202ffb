#pragma once

class OldHorn {
public:
    void blow(int milliseconds) { blown_ += milliseconds; }
    int blown() const { return blown_; }

private:
    int blown_ = 0;
};

class Signal {
public:
    virtual ~Signal() = default;
    virtual void sound(double seconds) = 0;
};

class HornSignal : public Signal {
public:
    void sound(double seconds) override { horn_.blow(static_cast<int>(seconds * 1000)); }

private:
    OldHorn horn_;
};

class LampSignal : public Signal {
public:
    void sound(double seconds) override { lit_ = seconds > 0; }

private:
    bool lit_ = false;
};

class Watch {
public:
    explicit Watch(Signal& signal) : signal_(signal) {}
    void fog() { signal_.sound(2.5); }

private:
    Signal& signal_;
};
