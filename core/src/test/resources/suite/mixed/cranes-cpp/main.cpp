#include "cranes.hpp"
#include <iostream>

int main() {
    HookRack rack;
    std::vector<std::unique_ptr<Crane>> cranes;
    cranes.push_back(std::make_unique<Crane>(std::make_unique<DieselDrive>()));
    cranes.push_back(std::make_unique<GantryCrane>(std::make_unique<ElectricDrive>()));
    for (auto& crane : cranes) {
        crane->lift(12);
        std::cout << rack.hook("large")->size() << '\n';
        crane->halt();
    }
}
