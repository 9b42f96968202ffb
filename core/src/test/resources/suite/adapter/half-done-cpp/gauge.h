#pragma once
#include <stdexcept>

class TideGauge {
public:
    virtual ~TideGauge() = default;
    virtual double metres() const = 0;
    virtual double trend() const = 0;
    virtual void calibrate(double zero) = 0;
};

class OldFloat {
public:
    int centimetres() const { return raw_ * 2; }
    int lastCentimetres() const { return last_; }
private:
    int raw_ = 120;
    int last_ = 118;
};

class FloatGauge : public TideGauge {
public:
    double metres() const override { return float_.centimetres() / 100.0; }
    double trend() const override { return (float_.centimetres() - float_.lastCentimetres()) / 100.0; }
    void calibrate(double) override { throw std::logic_error("a float cannot be calibrated"); }
private:
    OldFloat float_;
};

class Sluice {
public:
    explicit Sluice(const TideGauge& gauge) : gauge_(gauge) {}
    bool mayOpen() const { return gauge_.metres() < 1.5 && gauge_.trend() <= 0; }
private:
    const TideGauge& gauge_;
};
