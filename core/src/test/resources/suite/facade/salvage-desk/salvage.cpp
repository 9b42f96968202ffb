#include "salvage.h"

namespace salvage {

bool Divers::inspect(const std::string& wreck) { return wreck.size() > 3; }
void Crane::rig(int tonnes) { if (tonnes > 400) throw 1; }
void Crane::lift() {}
std::string Paperwork::permit(const std::string& wreck) { return "P-" + wreck; }

std::string SalvageDesk::recover(const std::string& wreck, int tonnes) {
    const std::string permit = paperwork_.permit(wreck);
    if (!divers_.inspect(wreck)) {
        return "left where it is";
    }
    crane_.rig(tonnes);
    crane_.lift();
    return permit;
}

}
