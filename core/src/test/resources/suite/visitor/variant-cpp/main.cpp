#include "cargo.h"
#include <iostream>

int main() {
    Manifest manifest;
    manifest.add(Crate{40});
    manifest.add(Tank{900, 0.8});
    std::cout << manifest.weight() << manifest.list();
}
