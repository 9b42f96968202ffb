#include "inspections.h"
#include <iostream>

int main() {
    FireInspection fire;
    HealthInspection health;
    std::cout << fire.run(140) << health.run(8);
}
