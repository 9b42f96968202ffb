#include "boat.h"

class Pier {
public:
    int crowd() const { return Boat::alive(); }
};
