#include "tide_table.h"

int main() {
    TideTable::instance().enter("monday", 4.1);
    return TideTable::instance().high("monday") > 4 ? 0 : 1;
}
