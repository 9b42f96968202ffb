#include "store.h"

class CounterDesk {
 public:
  CounterDesk() : prices_("prices.txt") {}
  int quote(const std::string& what) { return prices_.of(what); }

 private:
  PriceList prices_;
};

class Manager {
 public:
  void raise(const std::string& what) { prices_.set(what, prices_.of(what) + 10); }

 private:
  PriceList prices_{"prices.txt"};
};
