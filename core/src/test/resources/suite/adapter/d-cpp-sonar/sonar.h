#pragma once
#include <vector>
// Bought from a yard that went bankrupt; counts in fathoms.
class OldSonar {
 public:
  void ping();
  float lastEchoFathoms() const { return echoes_.empty() ? -1.0f : echoes_.back(); }
  int state() const { return state_; }
 private:
  std::vector<float> echoes_;
  int state_ = 0;
};
