#include "yard.hpp"
#include <iostream>

void weigh(const Item& item) { std::cout << item.kilos() << '\n'; }

int main() {
    Crate crate;
    crate.put(std::make_shared<Box>(12));
    weigh(crate);
    weigh(Drum{});
}
