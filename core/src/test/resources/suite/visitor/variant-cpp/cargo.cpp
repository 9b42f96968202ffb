#include "cargo.h"
#include <utility>

void Manifest::add(Cargo cargo) { cargo_.push_back(std::move(cargo)); }

double Manifest::weight() const {
    double sum = 0;
    for (const auto& one : cargo_) {
        sum += std::visit(WeightOf{}, one);
    }
    return sum;
}

std::string Manifest::list() const {
    std::string text;
    for (const auto& one : cargo_) {
        text += std::visit(LabelOf{}, one) + ", ";
    }
    return text;
}
