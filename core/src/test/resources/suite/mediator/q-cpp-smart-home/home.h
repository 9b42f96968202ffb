#pragma once
#include "hub.h"

class Home : public Hub {
public:
    Home() : alarm_(this), kettle_(this), blinds_(this) {}
    void notify(Device* sender, const std::string& event) override;
    Alarm& alarm() { return alarm_; }
private:
    Alarm alarm_;
    Kettle kettle_;
    Blinds blinds_;
};
