#include "scene.h"

int main() {
    Group all;
    all.add(std::make_shared<Dot>());
    all.add(std::make_shared<Disc>(2.0));
    all.move(1, 1);
    return all.area() > 3 ? 0 : 1;
}
