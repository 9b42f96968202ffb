#pragma once
#include <string>

class Engine {
 public:
  void start() { running_ = true; }
  void ahead(int revolutions) { revolutions_ = running_ ? revolutions : 0; }
 private:
  bool running_ = false;
  int revolutions_ = 0;
};

class Mooring {
 public:
  explicit Mooring(int lines) : lines_(lines) {}
  void castOff() { lines_ = 0; }
 private:
  int lines_;
};

class Radio {
 public:
  bool ask(const std::string& what) { return !what.empty(); }
};
