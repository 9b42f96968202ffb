#pragma once
#include <cmath>

class Angle {
public:
    static Angle fromDegrees(double degrees) { return Angle(degrees * M_PI / 180.0); }
    static Angle fromRadians(double radians) { return Angle(radians); }
    static Angle right() { return fromDegrees(90.0); }

    double radians() const { return radians_; }
    Angle plus(const Angle& other) const { return Angle(radians_ + other.radians_); }

private:
    explicit Angle(double radians) : radians_(radians) {}

    double radians_;
};
