#pragma once

class Meter {
public:
    virtual ~Meter() = default;
    virtual double celsius() = 0;
    virtual bool alarm() = 0;
};

class FahrenheitProbe {
public:
    double degreesF() const { return 68.0; }
    bool overLimit(double limitF) const { return degreesF() > limitF; }
};

class ProbeMeter : public Meter, private FahrenheitProbe {
public:
    double celsius() override { return (degreesF() - 32.0) / 1.8; }
    bool alarm() override { return overLimit(100.0); }
};
