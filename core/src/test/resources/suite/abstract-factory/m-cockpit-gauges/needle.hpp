#pragma once
#include "gauges.hpp"
#include "glass.hpp"

namespace cockpit {

class NeedleDial final : public Dial {
public:
    std::string show(double value) const override { return "/" + std::to_string(value); }
};

class NeedleKit final : public PanelKit {
public:
    std::unique_ptr<Dial> dial() const override { return std::make_unique<NeedleDial>(); }
    std::unique_ptr<Lamp> lamp() const override { return std::make_unique<GlassLamp>(); }
};

}  // namespace cockpit
