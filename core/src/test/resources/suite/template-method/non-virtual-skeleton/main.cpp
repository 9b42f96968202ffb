#include "report.h"
#include <iostream>

int main() {
    std::cout << TideReport().write() << ShipReport().write();
}
