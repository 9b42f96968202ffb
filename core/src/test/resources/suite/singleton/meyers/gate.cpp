#include "log.h"

class Gate {
public:
    void pass(const std::string& truck) { PortLog::get().note(truck); }
};

int main() {
    Gate g;
    g.pass("AL 2211");
    return static_cast<int>(PortLog::get().size());
}
