#include "horn.h"

void depart() {
    ShipHorn ship(std::make_shared<Compressor>());
    FogHorn fog(std::make_shared<Bellows>());
    ship.sound();
    fog.sound();
}
