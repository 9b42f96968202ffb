#pragma once
#include "valve.h"

class ValveState {
 public:
  virtual ~ValveState() = default;
  virtual void open(Valve& valve) {}
  virtual void close(Valve& valve) {}

 protected:
  static void change(Valve& valve, std::unique_ptr<ValveState> next) { valve.become(std::move(next)); }
};

class ClosedState : public ValveState {
 public:
  void open(Valve& valve) override;
};

class OpenState : public ValveState {
 public:
  void close(Valve& valve) override;
};

class StuckState : public ValveState {
 public:
  void open(Valve&) override {}
};
