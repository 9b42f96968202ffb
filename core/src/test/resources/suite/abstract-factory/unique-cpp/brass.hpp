#pragma once
#include "ui.hpp"

class BrassKnob : public Knob {
public:
    int turn(int by) override { return at_ += by; }
private:
    int at_ = 0;
};

class BrassDial : public Dial {
public:
    std::string show(int value) const override { return "[" + std::to_string(value) + "]"; }
};

class BrassPanel : public Panel {
public:
    std::unique_ptr<Knob> knob() const override { return std::make_unique<BrassKnob>(); }
    std::unique_ptr<Dial> dial() const override { return std::make_unique<BrassDial>(); }
};
