#include "salvage.h"

class Insurer {
public:
    explicit Insurer(salvage::SalvageDesk& desk) : desk_(desk) {}
    std::string claim(const std::string& wreck) { return desk_.recover(wreck, 120); }
private:
    salvage::SalvageDesk& desk_;
};
