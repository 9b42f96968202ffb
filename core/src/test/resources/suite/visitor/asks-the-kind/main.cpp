#include "parts.hpp"

int main() {
    std::vector<std::unique_ptr<Part>> ship;
    ship.push_back(std::make_unique<Hull>());
    ship.push_back(std::make_unique<TallMast>());
    Painter painter;
    Counter counter;
    for (auto& part : ship) {
        part->accept(painter);
        part->accept(counter);
    }
    return painter.litres() + counter.count();
}
