#include <iostream>
#include "tide.h"

int main() {
    Tide tide;
    int id = tide.subscribe([](double m) { std::cout << m; });
    tide.turn(3.2);
    tide.unsubscribe(id);
}
