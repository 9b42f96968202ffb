#include "game.hpp"
#include <iostream>

class TextCanvas : public Canvas {
public:
    void circle(Vec at, double radius) override { std::cout << "o " << at.x << ' ' << at.y << ' ' << radius << '\n'; }
    void text(Vec at, const std::string& text) override { std::cout << text << '\n'; }
};

int main() {
    World world;
    world.spawn(std::make_unique<Ship>("Rosa", Vec{0, 0}, Vec{2, 1}));
    world.spawn(std::make_unique<Wave>(Vec{5, 5}, Vec{-1, 0}));
    TextCanvas canvas;
    for (int frame = 0; frame < 3; ++frame) {
        world.step(0.5);
        world.draw(canvas);
    }
    return world.size() == 2 ? 0 : 1;
}
