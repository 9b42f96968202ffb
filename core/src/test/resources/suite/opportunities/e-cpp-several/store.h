#pragma once
#include <map>
#include <string>

// Meant to be the one list of prices.
class PriceList {
 public:
  explicit PriceList(const std::string& file) : file_(file) {}
  void set(const std::string& what, int cents) { prices_[what] = cents; }
  int of(const std::string& what) const { return prices_.at(what); }

 private:
  std::string file_;
  std::map<std::string, int> prices_;
};
