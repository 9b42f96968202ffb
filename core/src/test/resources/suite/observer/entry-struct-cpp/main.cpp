#include "gauge.hpp"
int main() { Gauge g; Siren s; Board b; g.join(3, &s); g.join(5, &b); g.rise(4); }
