#include "sinks.h"
void begin() {
  auto all = std::make_shared<FanOutSink>();
  all->add(std::make_shared<FileSink>());
  all->add(std::make_shared<LampSink>());
  all->log("open");
}
