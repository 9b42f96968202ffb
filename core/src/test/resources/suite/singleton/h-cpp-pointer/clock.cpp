#include "clock.h"

HarbourClock* HarbourClock::instance_ = nullptr;

HarbourClock* HarbourClock::instance() {
  if (instance_ == nullptr) {
    instance_ = new HarbourClock();
  }
  return instance_;
}
