#include "mooring.hpp"

BerthTable::BerthTable()
    : tug_(std::make_unique<Tug>(this)),
      boatman_(std::make_unique<Boatman>(this)),
      winch_(std::make_unique<Winch>(this)) {}

void BerthTable::heard(Participant* from, const std::string& word) {
    if (from == tug_.get() && word == "tug here") {
        boatman_->standBy();
    } else if (from == boatman_.get()) {
        tug_->pull();
        winch_->heave(12);
    } else {
        boatman_->standBy();
    }
}

int main() {
    BerthTable table;
    table.tug().arrive();
    return 0;
}
