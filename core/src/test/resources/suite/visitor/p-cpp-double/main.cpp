#include "printer.h"
int main() {
  Add add(std::make_unique<Number>(1), std::make_unique<Negate>(std::make_unique<Number>(2)));
  Printer printer;
  add.accept(printer);
  Summer summer;
  add.accept(summer);
  return summer.sum() == 3 && printer.text().size() == 3 ? 0 : 1;
}
