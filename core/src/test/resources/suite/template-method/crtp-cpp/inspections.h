#pragma once
#include <string>

template <typename Kind>
class Inspection {
public:
    std::string run(int hull) {
        auto& self = static_cast<Kind&>(*this);
        if (!self.applies(hull)) {
            return "not needed";
        }
        return "hull " + std::to_string(hull) + ": " + self.finding(hull);
    }
};

class FireInspection : public Inspection<FireInspection> {
public:
    bool applies(int hull) const { return hull > 100; }
    std::string finding(int hull) const { return hull % 2 ? "hoses old" : "fine"; }
};

class HealthInspection : public Inspection<HealthInspection> {
public:
    bool applies(int) const { return true; }
    std::string finding(int) const { return "galley clean"; }
};
