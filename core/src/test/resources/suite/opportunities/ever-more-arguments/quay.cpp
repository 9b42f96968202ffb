#include "crane.h"

bool northLifts(int weight) {
    Crane north("north", 40);
    return north.lifts(weight);
}

bool southReaches(int metres) {
    Crane south("south", 20, 30, true);
    return south.reaches(metres);
}
