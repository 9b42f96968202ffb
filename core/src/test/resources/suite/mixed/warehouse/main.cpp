#include "loader.h"

int main() {
    SackLoader sacks;
    PalletLoader pallets;
    Loader* all[] = {&sacks, &pallets};
    double sum = 0;
    for (Loader* l : all) {
        sum += l->load();
    }
    return sum > 0 ? 0 : 1;
}
