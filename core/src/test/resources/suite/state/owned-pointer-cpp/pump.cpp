#include "pump.h"
#include <utility>

namespace {

class Running : public PumpState {
public:
    void start(Pump&) override {}
    void stop(Pump& pump) override;
    std::string label() const override { return "running"; }
};

class Stopped : public PumpState {
public:
    void start(Pump& pump) override { pump.become(std::make_unique<Running>()); }
    void stop(Pump&) override {}
    std::string label() const override { return "stopped"; }
};

void Running::stop(Pump& pump) { pump.become(std::make_unique<Stopped>()); }

}

Pump::Pump() : state_(std::make_unique<Stopped>()) {}

void Pump::start() { state_->start(*this); }

void Pump::stop() { state_->stop(*this); }

std::string Pump::label() const { return state_->label(); }

void Pump::become(std::unique_ptr<PumpState> next) { state_ = std::move(next); }
