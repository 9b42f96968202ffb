#include "scheduler.hpp"

using namespace aldera::cranes;

int main() {
  Scheduler scheduler;
  scheduler.submit(std::make_unique<LoadTask>("load Meridian", 40));
  scheduler.submit(std::make_unique<GreaseTask>("grease"));
  while (scheduler.runNext()) {
  }
  return 0;
}
