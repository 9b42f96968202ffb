#pragma once
#include <iostream>
#include <string>
#include <vector>

class Device;

class Hub {
public:
    virtual ~Hub() = default;
    virtual void notify(Device* sender, const std::string& event) = 0;
};

class Device {
public:
    explicit Device(Hub* hub) : hub_(hub) {}
    virtual ~Device() = default;
protected:
    Hub* hub_;
};

class Alarm : public Device {
public:
    using Device::Device;
    void ring() { hub_->notify(this, "rang"); }
    void snooze() { std::cout << "snooze\n"; }
};

class Kettle : public Device {
public:
    using Device::Device;
    void boil() {
        hot_ = true;
        hub_->notify(this, "boiled");
    }
private:
    bool hot_ = false;
};

class Blinds : public Device {
public:
    using Device::Device;
    void open() { std::cout << "light\n"; }
    void close() { hub_->notify(this, "dark"); }
};
