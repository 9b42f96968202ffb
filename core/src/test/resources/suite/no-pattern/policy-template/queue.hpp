#pragma once
#include <algorithm>
#include <iostream>
#include <string>
#include <vector>

struct Ship {
    std::string name;
    int tons;
    int arrived;
};

struct FirstCome {
    bool before(const Ship& a, const Ship& b) const { return a.arrived < b.arrived; }
};

struct Heaviest {
    bool before(const Ship& a, const Ship& b) const { return a.tons > b.tons; }
};

template <typename Policy>
class WaitingLine {
public:
    explicit WaitingLine(Policy policy = Policy{}) : policy_(policy) {}

    void add(Ship ship) { ships_.push_back(std::move(ship)); }

    const Ship& next() {
        std::sort(ships_.begin(), ships_.end(), [this](const Ship& a, const Ship& b) { return policy_.before(a, b); });
        return ships_.front();
    }

private:
    Policy policy_;
    std::vector<Ship> ships_;
};
