#include "build.h"
#include <iostream>

class Cli {
public:
    int main(int argc, char** argv) { return build_.run(argc > 1 ? argv[1] : ".", "a.out") ? 0 : 1; }

private:
    Build build_;
};

int main(int argc, char** argv) { return Cli().main(argc, argv); }
