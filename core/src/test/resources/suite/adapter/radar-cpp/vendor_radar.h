#pragma once
#include "radar.h"
#include "vendor.h"

class VendorRadar final : public Radar {
public:
    explicit VendorRadar(VendorScope& scope) : scope_(scope) {}
    std::vector<Echo> sweep() override;
    bool ready() const override { return scope_.status() == 1; }
private:
    VendorScope& scope_;
};
