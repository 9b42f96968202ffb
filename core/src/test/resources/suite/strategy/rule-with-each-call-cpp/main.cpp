#include "dues.h"

int main() {
    Ledger ledger;
    ledger.enter(90, FerryRate());
    return ledger.enter(12, YachtRate());
}
