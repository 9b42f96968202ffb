#include "spice.h"

double coarse(double grams) { return grams * 0.98; }

double fine(double grams) { return grams * 0.9; }

double kitchen(bool turkish) {
    Mill mill(coarse);
    if (turkish) {
        mill.set(&fine);
    }
    return mill.run(20);
}
