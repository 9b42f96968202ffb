#include "meter.hpp"

class Boiler {
public:
    explicit Boiler(Meter& meter) : meter_(meter) {}
    bool safe() { return !meter_.alarm() && meter_.celsius() < 90; }
private:
    Meter& meter_;
};
