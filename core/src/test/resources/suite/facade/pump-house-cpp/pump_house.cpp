#include "pump_house.hpp"

void Alarm::arm() { armed = true; }
void Alarm::disarm() { armed = false; }

void PumpHouse::drain() {
    alarm.disarm();
    inlet.turn(4);
    pump.start();
}

void PumpHouse::close() {
    pump.stop();
    inlet.turn(0);
    alarm.arm();
}
