#include "bell.hpp"

int main() {
    Bell bell;
    Crew crew;
    Log log;
    bell.add(&crew);
    bell.add(&log);
    bell.first(1);
    bell.ring(3);
}
