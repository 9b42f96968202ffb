#include "fleet.h"
#include <iostream>

int main() {
    Fleet fleet;
    fleet.add("Alma");
    auto cursor = fleet.cursor();
    while (cursor.hasNext()) {
        std::cout << cursor.next();
    }
}
