#include "stowing.hpp"

static bool heavyFirst(const Box& a, const Box& b) { return a.weight > b.weight; }

int main() {
    std::vector<Box> boxes{{3, 4}, {9, 1}};
    Stowage stowage(heavyFirst);
    stowage.stow(boxes);
    stowage.orderBy([](const Box& a, const Box& b) { return a.height < b.height; });
    stowage.stow(boxes);
}
