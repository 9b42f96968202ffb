#pragma once
#include <chrono>

class Clock {
public:
    virtual ~Clock() = default;
    virtual long now() const = 0;
};

class SystemClock : public Clock {
public:
    long now() const override { return std::chrono::system_clock::now().time_since_epoch().count(); }
};

class Watch {
public:
    explicit Watch(const Clock& clock) : clock_(clock) {}
    void start() { started_ = clock_.now(); }
    long elapsed() const { return clock_.now() - started_; }

private:
    const Clock& clock_;
    long started_ = 0;
};
