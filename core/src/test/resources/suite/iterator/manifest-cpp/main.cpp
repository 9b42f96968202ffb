#include "manifest.h"
#include <iostream>

int main() {
    Manifest manifest;
    manifest.add("rope");
    manifest.add("tar");
    for (const auto& line : manifest) std::cout << line << '\n';
}
