#include "station.hpp"
#include <iostream>

namespace aldera {

Station& Station::main() {
    static Station station;
    return station;
}

void Station::poll() {
    for (auto& sensor : sensors_) {
        const Reading reading = sensor->read();
        for (auto& listener : listeners_) listener(reading);
    }
}

}

int main() {
    auto& station = aldera::Station::main();
    station.install(aldera::makeSensor("wind"));
    station.install(std::make_unique<aldera::ThrottledSensor>(aldera::makeSensor("tide")));
    station.onReading([](const aldera::Reading& r) { std::cout << r.name << r.value; });
    double highest = 0;
    station.onReading([&highest](const aldera::Reading& r) { if (r.value > highest) highest = r.value; });
    station.poll();
}
