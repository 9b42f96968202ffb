#include "ring.h"
#include <iostream>

int main() {
    Ring<int, 4> ring;
    for (int i = 0; i < 9; ++i) ring.push(i);
    for (int each : ring) std::cout << each << ' ';
}
