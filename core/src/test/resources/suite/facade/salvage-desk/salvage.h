#ifndef SALVAGE_H
#define SALVAGE_H
#include <string>

namespace salvage {

class Divers {
public:
    bool inspect(const std::string& wreck);
};

class Crane {
public:
    void rig(int tonnes);
    void lift();
};

class Paperwork {
public:
    std::string permit(const std::string& wreck);
};

class SalvageDesk {
public:
    SalvageDesk() = default;
    std::string recover(const std::string& wreck, int tonnes);
private:
    Divers divers_;
    Crane crane_;
    Paperwork paperwork_;
};

}
#endif
