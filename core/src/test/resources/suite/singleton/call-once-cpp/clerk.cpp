#include "registry.hpp"

class Clerk {
public:
    void arrive(const std::string& ship) { Registry::get().enter(ship, 4); }
    int where(const std::string& ship) { return Registry::get().berth(ship); }
};
