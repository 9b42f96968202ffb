#include "press.h"
#include <iostream>

int main() {
    LeafletPress leaflets;
    std::cout << leaflets.run(3);
    Hardback book;
    book.bind();
    Paperback other;
    other.bind();
    PosterPress posters;
    std::cout << posters.run(1);
}
