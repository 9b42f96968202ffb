#include <iostream>
#include "shelf.hpp"

int main() {
    Shelf shelf;
    shelf.put("tar");
    shelf.put("oakum");
    ShelfWalk w = shelf.walk();
    while (w.more()) {
        std::cout << w.take() << '\n';
    }
}
