#pragma once
#include "pumps.hpp"

class PumpHouse {
public:
    void drain();
    void close();
private:
    Pump pump;
    Valve inlet;
    Alarm alarm;
};
