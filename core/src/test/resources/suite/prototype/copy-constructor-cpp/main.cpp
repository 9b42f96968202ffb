#include "mark.hpp"

int main() {
    Palette palette;
    palette.keep(std::make_unique<Buoy>("red"));
    palette.keep(std::make_unique<Beacon>(4));
    palette.take(0)->move(3, 4);
}
