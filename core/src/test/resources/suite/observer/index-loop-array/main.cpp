#include "bell.hpp"

int main() {
    Bell bell;
    Crew crew;
    Log log;
    bell.add(&crew);
    bell.add(&log);
    bell.ring(3);
    bell.remove(&log);
}
