#include "depth.h"

class Helm {
 public:
  explicit Helm(DepthSource& depth) : depth_(depth) {}
  bool shallow() { return depth_.ready() && depth_.metres() < 4.0; }
 private:
  DepthSource& depth_;
};
