#include "rota.h"

bool byLength(const std::string& a, const std::string& b) { return a.size() < b.size(); }
bool byName(const std::string& a, const std::string& b) { return a < b; }

int main() {
    Rota day(byLength);
    day.enter("Ines");
    Rota night(byName);
    night.enter("Bo");
    return static_cast<int>(day.watches().size() + night.watches().size());
}
