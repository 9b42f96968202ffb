#include "loads.h"

int main() {
    Pallet pallet;
    pallet.put(std::make_unique<Sack>(3));
    return pallet.tons();
}
