#pragma once
#include <stdexcept>
#include <string>

class Sensor {
public:
    virtual ~Sensor() = default;
    virtual double read() = 0;
    virtual void heat(bool on) = 0;
    virtual std::string serial() const = 0;
};

class Thermometer : public Sensor {
public:
    double read() override { return 20 + drift_; }
    void heat(bool) override {}
    std::string serial() const override { return "T"; }
private:
    double drift_ = 0.1;
};

class Hygrometer : public Sensor {
public:
    double read() override { return heated_ ? 0 : 60; }
    void heat(bool on) override { heated_ = on; }
    std::string serial() const override { throw std::logic_error("no serial"); }
private:
    bool heated_ = false;
};
