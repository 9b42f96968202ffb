#include "sorter.h"

int main() {
  Stack stack;
  stack.put({12, 3});
  stack.put({30, 1});
  stack.setOrdering(std::make_unique<HeaviestFirst>());
  auto first = stack.sorted();
  stack.setOrdering(std::make_unique<SoonestFirst>());
  return first.size() == stack.sorted().size() ? 0 : 1;
}
