#include "radar.h"
#include "vendor_radar.h"
#include <iostream>

static void watch(Radar& radar) {
    if (!radar.ready()) return;
    for (const auto& echo : radar.sweep()) std::cout << echo.bearing << "\n";
}

int main() {
    VendorScope scope(3);
    VendorRadar bought(scope);
    MastRadar own;
    watch(bought);
    watch(own);
}
