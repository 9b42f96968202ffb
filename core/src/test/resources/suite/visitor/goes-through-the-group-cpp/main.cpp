#include "quay.hpp"
#include <iostream>

int main() {
    Quay north;
    north.add(std::make_unique<Berth>(40));
    Length length;
    north.accept(length);
    std::cout << length.sum();
}
