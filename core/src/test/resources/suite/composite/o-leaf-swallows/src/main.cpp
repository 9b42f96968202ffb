#include "part.h"
#include <iostream>

int main() {
    auto frame = std::make_shared<Assembly>("frame");
    frame->add(std::make_shared<Bolt>(12));
    auto door = std::make_shared<Assembly>("door");
    door->add(std::make_shared<Plate>(900));
    frame->add(door);
    std::cout << frame->weight() << "\n";
}
