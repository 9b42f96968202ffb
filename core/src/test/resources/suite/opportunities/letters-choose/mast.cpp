#include "mast.h"

void Mast::show(char letter) {
    std::unique_ptr<Signal> signal;
    if (letter == 'q') {
        signal = std::make_unique<Quarantine>();
    } else if (letter == 'g') {
        signal = std::make_unique<PilotWanted>();
    } else {
        signal = std::make_unique<Departing>();
    }
    shown_.push_back(signal->flags());
}

std::string Mast::all() const {
    std::string out;
    for (const auto& one : shown_) {
        out += one;
    }
    return out;
}
