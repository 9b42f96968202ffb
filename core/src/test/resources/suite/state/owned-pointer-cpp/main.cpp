#include "pump.h"
#include <iostream>

int main() {
    Pump pump;
    pump.start();
    std::cout << pump.label();
}
