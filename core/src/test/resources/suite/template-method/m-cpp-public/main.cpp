#include "task.h"
int main() {
  HullInspection hull;
  PaperInspection papers;
  return static_cast<int>(hull.run().size() + papers.run().size()) > 0 ? 0 : 1;
}
