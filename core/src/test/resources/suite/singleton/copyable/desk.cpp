#include "config.hpp"
int PortConfig::renames = 0;
class Desk {
public:
    std::string head() { return PortConfig::instance().name(); }
    void rename() { PortConfig mine = PortConfig::instance(); mine.rename("copy"); }
};
