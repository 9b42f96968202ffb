#include "cargo.hpp"
#include <iostream>

namespace aldera {

void Box::print(int depth) const { std::cout << std::string(depth, ' ') << label_ << '\n'; }

void Container::print(int depth) const {
    std::cout << std::string(depth, ' ') << "container\n";
    for (const auto& unit : units_) unit->print(depth + 2);
}

}
