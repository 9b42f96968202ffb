#include "rota.h"

int main() {
    Rota<ByLength> day{ByLength{}};
    day.enter("Ines");
    Rota<ByName> night{ByName{}};
    night.enter("Bo");
    return static_cast<int>(day.first().size() + night.first().size());
}
