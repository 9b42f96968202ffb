#pragma once
#include <chrono>
#include <memory>
#include <string>
#include <vector>

namespace aldera {

struct Reading { std::string name; double value; };

class Sensor {
public:
    virtual ~Sensor() = default;
    virtual Reading read() = 0;
};

class WindSensor final : public Sensor {
public:
    Reading read() override { return {"wind", 4.2 + drift_++}; }
private:
    double drift_ = 0;
};

class TideSensor final : public Sensor {
public:
    explicit TideSensor(double zero) : zero_(zero) {}
    Reading read() override { return {"tide", 3.1 - zero_}; }
private:
    double zero_;
};

// Asks the real one at most once in a while.
class ThrottledSensor final : public Sensor {
public:
    explicit ThrottledSensor(std::unique_ptr<Sensor> sensor) : sensor_(std::move(sensor)) {}
    Reading read() override {
        if (asked_++ % 10 == 0) { last_ = sensor_->read(); }
        return last_;
    }
private:
    std::unique_ptr<Sensor> sensor_;
    Reading last_{};
    int asked_ = 0;
};

std::unique_ptr<Sensor> makeSensor(const std::string& kind);

}
