#include "lamp.hpp"

void Lamp::press() {
    switch (mode_) {
    case Mode::off:
        mode_ = Mode::steady;
        break;
    case Mode::steady:
        mode_ = Mode::blinking;
        break;
    case Mode::blinking:
        mode_ = Mode::off;
        break;
    }
}

int Lamp::brightness(int tick) const {
    switch (mode_) {
    case Mode::off:
        return 0;
    case Mode::steady:
        return 100;
    case Mode::blinking:
        return tick % 2 == 0 ? 100 : 0;
    }
    return 0;
}

std::string Lamp::label() const {
    if (mode_ == Mode::off) return "off";
    if (mode_ == Mode::steady) return "steady";
    return "blinking";
}
