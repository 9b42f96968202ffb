#pragma once
#include <memory>

class SwingBridge;

class BridgeState {
public:
    virtual ~BridgeState() = default;
    virtual void button(SwingBridge& bridge) = 0;
};

class SwingBridge {
public:
    SwingBridge();
    void button();
    void change(std::unique_ptr<BridgeState> next);
private:
    std::unique_ptr<BridgeState> state_;
};
