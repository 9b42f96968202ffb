#include "buoy.h"

class ChartPlotter : public BuoyListener {
public:
    void drifted(const Buoy& buoy) override { last_ = buoy.x(); }
private:
    double last_ = 0;
};

class Ignorer : public BuoyListener {
public:
    void drifted(const Buoy&) override {}
};

int main() {
    Buoy buoy;
    ChartPlotter plotter;
    Ignorer ignorer;
    buoy.attach(&plotter);
    buoy.attach(&ignorer);
    buoy.move(1, 2);
    buoy.detach(&plotter);
}
