#include "codec.h"
#include <iostream>

int main(int argc, char** argv) {
    auto codec = makeCodec(argv[1]);
    std::cout << codec->encode(argv[2]).size() << "\n";
}
