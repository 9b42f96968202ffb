#pragma once
#include "sensor.hpp"
#include <functional>

namespace aldera {

class Station {
public:
    static Station& main();
    Station(const Station&) = delete;
    Station& operator=(const Station&) = delete;
    void install(std::unique_ptr<Sensor> sensor) { sensors_.push_back(std::move(sensor)); }
    void onReading(std::function<void(const Reading&)> listener) { listeners_.push_back(std::move(listener)); }
    void poll();
private:
    Station() = default;
    std::vector<std::unique_ptr<Sensor>> sensors_;
    std::vector<std::function<void(const Reading&)>> listeners_;
};

}
