#include "signal.h"

int main() {
  FlashingSignal head(std::make_shared<LedLamp>());
  SectorSignal leading(std::make_shared<OilLamp>(), 210);
  head.show();
  leading.show();
  head.hide();
}
