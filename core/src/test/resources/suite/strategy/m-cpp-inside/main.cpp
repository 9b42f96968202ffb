#include "engine.h"
int main() {
  Engine engine("diesel");
  double before = engine.voyage(4);
  engine.refit(std::make_unique<Methanol>(60));
  return engine.voyage(4) > before ? 0 : 1;
}
