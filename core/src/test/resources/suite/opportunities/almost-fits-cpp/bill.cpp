#include "meters.h"
#include <vector>

double bill(const std::vector<Meter*>& meters, const ShoreMeter& shore) {
    double sum = shore.value();
    for (Meter* meter : meters) {
        sum += meter->read();
    }
    return sum;
}
