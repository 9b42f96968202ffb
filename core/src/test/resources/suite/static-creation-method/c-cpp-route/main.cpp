#include "route.h"

int main() {
  auto route = aldera::Route::between("Aldera", "Sandholm");
  return route->miles() > 2 ? 0 : 1;
}
