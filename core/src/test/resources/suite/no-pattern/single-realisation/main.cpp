#include "clock.hpp"

int main() {
    SystemClock clock;
    Watch watch(clock);
    watch.start();
    return watch.elapsed() < 0;
}
