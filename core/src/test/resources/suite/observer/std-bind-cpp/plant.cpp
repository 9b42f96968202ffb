#include "valve.h"

void plant() {
    Valve valve;
    Dial dial(valve);
    int turns = 0;
    valve.onTurn([&turns](int) { ++turns; });
    valve.turn(30);
}
