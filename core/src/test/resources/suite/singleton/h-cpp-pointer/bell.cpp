#include "clock.h"
class Bell {
 public:
  int strokes() const { return HarbourClock::instance()->minutes() / 30 % 8; }
};
