#pragma once
#include <string>
#include <vector>

class Fleet;

class FleetWalk {
public:
    explicit FleetWalk(const Fleet& fleet) : fleet_(fleet) {}
    bool done() const;
    const std::string& next();
private:
    const Fleet& fleet_;
    std::size_t at_ = 0;
};

class Fleet {
public:
    void add(std::string ship) { ships.push_back(std::move(ship)); }
    FleetWalk walk() const { return FleetWalk(*this); }
    std::vector<std::string> ships;
};

inline bool FleetWalk::done() const { return at_ >= fleet_.ships.size(); }
inline const std::string& FleetWalk::next() { return fleet_.ships[at_++]; }

class Admiral {
public:
    int named(const Fleet& fleet, const std::string& name) const {
        int found = 0;
        for (FleetWalk walk = fleet.walk(); !walk.done();) {
            if (walk.next() == name) ++found;
        }
        return found;
    }
    const std::string& flagship(const Fleet& fleet) const { return fleet.ships.front(); }
};
