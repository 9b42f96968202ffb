#include "signal.hpp"
#include <iostream>

int main() {
    Gauge gauge;
    int siren = gauge.changed.connect([](int level) {
        if (level > 300) std::cout << "siren";
    });
    gauge.changed.connect([](int level) { std::cout << level; });
    gauge.rise(310);
    gauge.changed.disconnect(siren);
}
