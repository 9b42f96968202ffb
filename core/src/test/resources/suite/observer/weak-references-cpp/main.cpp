#include "weather.h"

int main() {
    Anemometer anemometer;
    auto brake = std::make_shared<CraneBrake>();
    auto flag = std::make_shared<YachtFlag>();
    anemometer.join(brake);
    anemometer.join(flag);
    anemometer.measure(8);
    return brake->locked() ? 0 : 1;
}
