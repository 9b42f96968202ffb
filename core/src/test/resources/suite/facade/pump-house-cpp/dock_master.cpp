#include "pump_house.hpp"

class DockMaster {
public:
    explicit DockMaster(PumpHouse* house) : house(house) {}
    void dryOut() {
        house->drain();
        ++dried;
        house->close();
    }
private:
    PumpHouse* house;
    int dried = 0;
};
