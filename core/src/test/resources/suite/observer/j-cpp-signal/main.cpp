#include "tide.h"
#include <iostream>

class Siren {
 public:
  explicit Siren(TideGauge& gauge) {
    gauge.subscribe([this](double level) { if (level > 4) on_ = true; });
  }
 private:
  bool on_ = false;
};

class Printer {
 public:
  void attach(TideGauge& gauge) { id_ = gauge.subscribe([](double level) { std::cout << level; }); }
  void detach(TideGauge& gauge) { gauge.unsubscribe(id_); }
 private:
  int id_ = 0;
};

int main() {
  TideGauge gauge;
  Siren siren(gauge);
  gauge.measure(4.2);
}
