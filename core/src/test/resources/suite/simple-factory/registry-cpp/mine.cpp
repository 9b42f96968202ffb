#include "pump.h"

class Mine {
public:
    int drain(const std::string& kind) { return shed_.fetch(kind)->litres(60); }

private:
    PumpShed shed_;
};
