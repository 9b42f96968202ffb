#include "vendor_radar.h"

std::vector<Echo> MastRadar::sweep() {
    warm_ = true;
    return {{12.0, 3.5}};
}

std::vector<Echo> VendorRadar::sweep() {
    std::vector<Echo> found;
    float angle = 0, metres = 0;
    for (int i = 0; scope_.read_target(i, &angle, &metres) == 0; ++i) {
        found.push_back(Echo{angle, metres / 1852.0});
    }
    return found;
}
