#pragma once
#include <vector>

class Buoy;

class BuoyListener {
public:
    virtual ~BuoyListener() = default;
    virtual void drifted(const Buoy& buoy) = 0;
};

class Buoy {
public:
    void attach(BuoyListener* listener);
    void detach(BuoyListener* listener);
    void move(double x, double y);
    double x() const { return x_; }
private:
    void notify();
    std::vector<BuoyListener*> listeners_;
    double x_ = 0;
    double y_ = 0;
};
