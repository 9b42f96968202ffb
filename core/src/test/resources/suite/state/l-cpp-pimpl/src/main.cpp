#include "valve.h"
int main() {
  Valve valve;
  valve.open();
  valve.close();
}
