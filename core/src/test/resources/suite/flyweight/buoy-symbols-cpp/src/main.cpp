#include "symbol.h"
#include <iostream>
#include <vector>

int main() {
    chart::SymbolDrawer drawer;
    std::vector<chart::Buoy> buoys;
    for (int i = 0; i < 400; ++i) {
        buoys.emplace_back(43.0 + i * 0.01, -8.2, drawer.find(i % 2 ? "can" : "cone", i % 2 ? "red" : "green"));
    }
    for (const auto& buoy : buoys) {
        std::cout << buoy.draw() << '\n';
    }
}
