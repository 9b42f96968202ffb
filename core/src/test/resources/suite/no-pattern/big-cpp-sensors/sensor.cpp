#include "sensor.hpp"
#include <stdexcept>

namespace aldera {

std::unique_ptr<Sensor> makeSensor(const std::string& kind) {
    if (kind == "wind") return std::make_unique<WindSensor>();
    if (kind == "tide") return std::make_unique<TideSensor>(0.4);
    throw std::invalid_argument("no sensor " + kind);
}

}
