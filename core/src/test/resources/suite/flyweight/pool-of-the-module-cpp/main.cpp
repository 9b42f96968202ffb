#include "flag.hpp"
#include <iostream>

int main() {
    std::cout << Flag::of("blue")->name() << (Flag::of("blue") == Flag::of("blue"));
}
