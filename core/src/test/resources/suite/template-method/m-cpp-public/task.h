#pragma once
#include <string>

class Inspection {
 public:
  virtual ~Inspection() = default;
  std::string run() {
    std::string report = header();
    for (int i = 0; i < count(); ++i) report += line(i);
    return report;
  }
  virtual std::string header() const { return "Inspection\n"; }
  virtual int count() const = 0;
  virtual std::string line(int i) const = 0;
};

class HullInspection final : public Inspection {
 public:
  int count() const override { return plates_; }
  std::string line(int i) const override { return "plate " + std::to_string(i); }

 private:
  int plates_ = 12;
};

class PaperInspection final : public Inspection {
 public:
  std::string header() const override { return "Papers\n"; }
  int count() const override { return 3; }
  std::string line(int i) const override { return std::to_string(i * 2); }
};
