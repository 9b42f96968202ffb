#pragma once
#include <string>

enum class Mode { off, steady, blinking };

class Lamp {
public:
    void press();
    int brightness(int tick) const;
    std::string label() const;

private:
    Mode mode_ = Mode::off;
};
