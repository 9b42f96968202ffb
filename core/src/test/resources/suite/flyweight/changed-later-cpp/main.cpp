#include "glyphs.h"

int main() {
    BuoyBox box;
    box.get("cone")->paint("green ");
    Buoy own("pillar");
    return static_cast<int>(box.get("cone")->text().size() + own.text().size());
}
