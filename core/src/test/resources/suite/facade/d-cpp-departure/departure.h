#pragma once
#include "parts.h"

class Departure {
 public:
  Departure() : mooring_(4) {}

  bool leave(const std::string& berth) {
    if (!radio_.ask("leave " + berth)) return false;
    engine_.start();
    mooring_.castOff();
    engine_.ahead(40);
    ++departures_;
    fee_ += 12.5;
    return true;
  }

  void abandon() {
    engine_.ahead(0);
    radio_.ask("return");
  }

  double fees() const { return fee_; }

 private:
  Engine engine_;
  Mooring mooring_;
  Radio radio_;
  int departures_ = 0;
  double fee_ = 0;
};
