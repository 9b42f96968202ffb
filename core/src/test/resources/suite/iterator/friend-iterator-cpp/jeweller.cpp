#include "necklace.h"

int reds(const Necklace& necklace) {
    int found = 0;
    for (const Bead& bead : necklace) {
        if (bead.colour() == 1) ++found;
    }
    return found;
}
