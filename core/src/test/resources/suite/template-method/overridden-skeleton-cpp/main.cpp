#include "checks.h"

int main() {
    HatchCheck hatch;
    TankCheck tank;
    Check* checks[] = {&hatch, &tank};
    int size = 0;
    for (Check* check : checks) {
        size += static_cast<int>(check->run().size());
    }
    return size;
}
