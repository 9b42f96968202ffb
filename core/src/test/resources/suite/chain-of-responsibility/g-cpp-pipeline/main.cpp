#include "filter.h"
int main() {
  SpamFilter spam;
  UrgentFilter urgent;
  DeafFilter deaf;
  spam.link(&urgent)->link(&deaf);
  return spam.handle({"fog", 9}) ? 0 : 1;
}
