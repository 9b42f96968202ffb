#pragma once
#include <string>

class Meter {
public:
    virtual ~Meter() = default;
    virtual double read() const = 0;
    virtual void reset(int to) = 0;
    virtual std::string unit() const = 0;
};

class WaterMeter : public Meter {
public:
    double read() const override { return litres_; }
    void reset(int to) override { litres_ = to; }
    std::string unit() const override { return "l"; }

private:
    double litres_ = 0;
};

class PowerMeter : public Meter {
public:
    double read() const override { return watts_ / 1000; }
    void reset(int to) override { watts_ = to * 1000; }
    std::string unit() const override { return "kWh"; }

private:
    double watts_ = 0;
};

class ShoreMeter {
public:
    double value() const { return value_; }
    void reset(int to) { value_ = to; }
    std::string measure() const { return "kWh"; }

private:
    double value_ = 0;
};
