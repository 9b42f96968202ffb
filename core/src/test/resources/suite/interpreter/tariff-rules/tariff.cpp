#include "rules.hpp"
#include <iostream>

int main() {
    RulePtr due = std::make_unique<Sum>(
        std::make_unique<Amount>(40),
        std::make_unique<Larger>(std::make_unique<Fact>("length"), std::make_unique<Fact>("draught")));
    Facts facts{{"length", 80}, {"draught", 5}};
    std::cout << due->worth(facts) << std::endl;
}
