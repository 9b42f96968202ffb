#include "bridge.h"
#include <utility>

class Closed : public BridgeState {
public:
    void button(SwingBridge& bridge) override;
};

class Turning : public BridgeState {
public:
    void button(SwingBridge& bridge) override;
};

class Opened : public BridgeState {
public:
    void button(SwingBridge& bridge) override { bridge.change(std::make_unique<Closed>()); }
};

void Closed::button(SwingBridge& bridge) { bridge.change(std::make_unique<Turning>()); }

void Turning::button(SwingBridge& bridge) { bridge.change(std::make_unique<Opened>()); }

SwingBridge::SwingBridge() : state_(std::make_unique<Closed>()) {}

void SwingBridge::button() { state_->button(*this); }

void SwingBridge::change(std::unique_ptr<BridgeState> next) { state_ = std::move(next); }
