#include "sorter.h"

int main() {
    Roads roads(std::make_unique<ByAge>());
    roads.use(std::make_unique<BySize>());
    return 0;
}
