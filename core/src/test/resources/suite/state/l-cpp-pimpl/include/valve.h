#pragma once
#include <memory>

class ValveState;

class Valve {
 public:
  Valve();
  ~Valve();
  void open();
  void close();
  int turns() const;

 private:
  friend class ValveState;
  void become(std::unique_ptr<ValveState> next);
  std::unique_ptr<ValveState> state_;
  int turns_ = 0;
};
