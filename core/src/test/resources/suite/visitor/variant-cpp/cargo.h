#pragma once
#include <string>
#include <variant>
#include <vector>

struct Crate {
    int kilos;
};

struct Tank {
    int litres;
    double density;
};

using Cargo = std::variant<Crate, Tank>;

struct WeightOf {
    double operator()(const Crate& crate) const { return crate.kilos; }
    double operator()(const Tank& tank) const { return tank.litres * tank.density; }
};

struct LabelOf {
    std::string operator()(const Crate&) const { return "crate"; }
    std::string operator()(const Tank& tank) const { return "tank of " + std::to_string(tank.litres); }
};

class Manifest {
public:
    void add(Cargo cargo);
    double weight() const;
    std::string list() const;

private:
    std::vector<Cargo> cargo_;
};
