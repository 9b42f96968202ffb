#include <iostream>
#include <memory>
#include <string>
#include <utility>

class Device {
public:
    virtual ~Device() = default;
    virtual void on(int millis) = 0;
    virtual void off(int millis) = 0;
};
class FogHorn : public Device {
public:
    void on(int millis) override { std::cout << "TUUT" << millis; }
    void off(int millis) override { std::cout << ' ' << millis; }
};
class SignalLight : public Device {
public:
    explicit SignalLight(int watts) : watts_(watts) {}
    void on(int millis) override { spent_ += watts_ * millis; }
    void off(int) override {}
private:
    int watts_;
    long spent_ = 0;
};

class Signal {
public:
    explicit Signal(std::shared_ptr<Device> device) : device_(std::move(device)) {}
    virtual ~Signal() = default;
    virtual void give() = 0;
protected:
    std::shared_ptr<Device> device_;
};
class Departure : public Signal {
public:
    using Signal::Signal;
    void give() override { device_->on(4000); device_->off(500); }
};
class Danger : public Signal {
public:
    using Signal::Signal;
    void give() override { for (int i = 0; i < 5; ++i) { device_->on(300); device_->off(200); } }
};

int main() {
    auto horn = std::make_shared<FogHorn>();
    Departure(horn).give();
    Danger(std::make_shared<SignalLight>(60)).give();
}
