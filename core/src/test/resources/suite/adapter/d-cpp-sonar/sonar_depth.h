#pragma once
#include "depth.h"
#include "sonar.h"

class SonarDepth : public DepthSource, private OldSonar {
 public:
  double metres() override {
    ping();
    return lastEchoFathoms() * 1.8288;
  }
  bool ready() const override { return state() == 2; }
  void reset() override {}
};
