#include "cargo.hpp"
#include <iostream>

int main() {
    std::vector<Cargo> all{Grain{4}, Oil{300}};
    std::cout << fees(all) << std::visit(Name{}, all.front());
}
