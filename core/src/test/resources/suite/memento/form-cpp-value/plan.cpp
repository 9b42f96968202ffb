#include "plan.h"
void Plan::move(const std::string& to) { state_.berth = to; state_.stops.push_back(to); }
State Plan::save() const { return state_; }
void Plan::restore(const State& saved) { state_ = saved; }
void Log::note() { past_.push_back(plan_.save()); }
void Log::undo() {
  if (past_.empty()) return;
  plan_.restore(past_.back());
  past_.pop_back();
}
