#include "vane.hpp"
#include <iostream>

class Flag {
public:
    void swing(int degrees) { degrees_ = degrees; }
private:
    int degrees_ = 0;
};

int main() {
    aldera::WindVane vane;
    Flag flag;
    vane.onTurn([](int degrees) { std::cout << degrees; });
    vane.onTurn([&flag](int degrees) { flag.swing(degrees); });
    vane.turn(40);
}
