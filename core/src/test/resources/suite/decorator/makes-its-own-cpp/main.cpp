#include "horn.hpp"

void greet(Horn& horn) { horn.blow(); }

int main() {
    EchoHorn echo(std::make_unique<SteamHorn>());
    CountedHorn counted;
    greet(echo);
    greet(counted);
}
