#include "gauge.hpp"

int main() {
    Gauge gauge;
    gauge.rise(4);
    return gauge.level();
}
