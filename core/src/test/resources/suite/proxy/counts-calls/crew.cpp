#include "pump.h"

int drain(Pump& pump) {
    return pump.run(10);
}

int day() {
    CountedPump pump;
    drain(pump);
    return pump.calls();
}
