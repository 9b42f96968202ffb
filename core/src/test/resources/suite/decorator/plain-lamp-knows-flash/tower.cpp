#include "lamp.h"

std::string tonight() {
    auto lamp = std::make_unique<ShadedLamp>(PlainLamp::flashing("white"));
    return lamp->show();
}
