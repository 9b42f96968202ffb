#pragma once
#include "gauges.hpp"

namespace cockpit {

class GlassDial final : public Dial {
public:
    std::string show(double value) const override { return "[" + std::to_string(value) + "]"; }
};

class GlassLamp final : public Lamp {
public:
    void light(bool on) override { bright_ = on; }

private:
    bool bright_ = false;
};

class GlassKit final : public PanelKit {
public:
    std::unique_ptr<Dial> dial() const override { return std::make_unique<GlassDial>(); }
    std::unique_ptr<Lamp> lamp() const override { return std::make_unique<GlassLamp>(); }
};

}  // namespace cockpit
