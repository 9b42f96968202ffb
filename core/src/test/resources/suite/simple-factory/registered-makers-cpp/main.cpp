#include "gauges.h"
#include <iostream>

int main() {
    GaugeMaker maker;
    std::cout << maker.make("wind")->read() + maker.make("rain")->read();
}
