#include "winch.h"

void load(Hoist& hoist) {
    hoist.up(4.0);
    hoist.down(1.5);
}

int main() {
    SteamHoist steam;
    ElectricHoist electric;
    load(steam);
    load(electric);
}
