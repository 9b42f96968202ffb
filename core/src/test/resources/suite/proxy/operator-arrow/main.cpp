#include "chart.hpp"
#include <iostream>

int main() {
    std::unique_ptr<Chart> chart = std::make_unique<LateChart>("bay");
    std::cout << chart->name() << chart->depth(3, 4);
}
