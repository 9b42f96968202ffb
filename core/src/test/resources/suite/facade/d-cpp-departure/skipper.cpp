#include "departure.h"

class Skipper {
 public:
  void morning() { departure_.leave("north 4"); }
 private:
  Departure departure_;
};

class Mate {
 public:
  void tidy(Departure& departure) {
    Mooring spare(2);
    spare.castOff();
    departure.abandon();
  }
};
