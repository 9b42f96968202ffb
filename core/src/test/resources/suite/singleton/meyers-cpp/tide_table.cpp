#include "tide_table.h"

TideTable& TideTable::instance() {
    static TideTable table;
    return table;
}

double TideTable::high(const std::string& day) const { return highs_.at(day); }

void TideTable::enter(const std::string& day, double metres) { highs_[day] = metres; }
