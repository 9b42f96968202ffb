#include "valve.h"
#include "valve_state.h"

Valve::Valve() : state_(std::make_unique<ClosedState>()) {}
Valve::~Valve() = default;

void Valve::open() { state_->open(*this); }
void Valve::close() { state_->close(*this); }
int Valve::turns() const { return turns_; }

void Valve::become(std::unique_ptr<ValveState> next) {
  ++turns_;
  state_ = std::move(next);
}

void ClosedState::open(Valve& valve) { change(valve, std::make_unique<OpenState>()); }
void OpenState::close(Valve& valve) {
  if (valve.turns() > 100) {
    change(valve, std::make_unique<StuckState>());
  } else {
    change(valve, std::make_unique<ClosedState>());
  }
}
