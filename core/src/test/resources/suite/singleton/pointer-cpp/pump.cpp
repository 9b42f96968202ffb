#include "pump.h"
Pump* Pump::pump_ = nullptr;
Pump::Pump() : strokes_(0) {}
Pump* Pump::get() {
    if (pump_ == nullptr) {
        pump_ = new Pump();
    }
    return pump_;
}
void Pump::run() { strokes_++; }
class Bilge {
public:
    void dry() { Pump::get()->run(); }
};
