#include "signals.h"

void fog(Signal& signal) { signal.sound(2.5); }

int main() {
    HornSignal horn{OldHorn(440)};
    LampSignal lamp;
    fog(horn);
    fog(lamp);
}
