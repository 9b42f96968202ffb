#include "cargo.hpp"
#include <iostream>

int main() {
    Register all;
    all.enter("grain", [] { return std::make_unique<Grain>(); });
    all.enter("timber", []() -> std::unique_ptr<Cargo> { return std::make_unique<Timber>(); });
    std::cout << all.make("grain")->fee();
}
