#pragma once
#include "ui.hpp"

class GlassKnob : public Knob {
public:
    int turn(int by) override { return by * 2; }
};

class GlassDial : public Dial {
public:
    std::string show(int value) const override { return "<" + std::to_string(value) + ">"; }
};

class GlassPanel : public Panel {
public:
    std::unique_ptr<Knob> knob() const override { return std::make_unique<GlassKnob>(); }
    std::unique_ptr<Dial> dial() const override { return std::make_unique<GlassDial>(); }
};
