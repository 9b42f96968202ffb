#include "glyph.hpp"
int main() {
    BuoyShop shop;
    auto a = shop.get("can");
    auto b = shop.get("can");
    return a == b ? 0 : 1;
}
