#include "signals.h"

int main() {
    HornSignal horn;
    LampSignal lamp;
    Watch(horn).fog();
    Watch(lamp).fog();
}
