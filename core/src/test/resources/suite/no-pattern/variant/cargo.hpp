#pragma once
#include <string>
#include <variant>
#include <vector>

struct Grain {
    double tons;
};

struct Oil {
    double litres;
};

using Cargo = std::variant<Grain, Oil>;

struct Fee {
    double operator()(const Grain& grain) const { return grain.tons * 3; }
    double operator()(const Oil& oil) const { return oil.litres * 0.01; }
};

struct Name {
    std::string operator()(const Grain&) const { return "grain"; }
    std::string operator()(const Oil&) const { return "oil"; }
};

inline double fees(const std::vector<Cargo>& all) {
    double sum = 0;
    for (const auto& cargo : all) {
        sum += std::visit(Fee{}, cargo);
    }
    return sum;
}
