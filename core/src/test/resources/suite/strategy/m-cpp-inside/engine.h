#pragma once
#include <memory>
#include <string>

class Fuel {
 public:
  virtual ~Fuel() = default;
  virtual double cost(double hours) const = 0;
};

class Diesel : public Fuel {
 public:
  double cost(double hours) const override { return hours * 80; }
};

class Methanol : public Fuel {
 public:
  explicit Methanol(double price) : price_(price) {}
  double cost(double hours) const override { return hours * price_ * 1.4; }

 private:
  double price_;
};

class Engine {
 public:
  explicit Engine(const std::string& fuel) {
    if (fuel == "methanol") {
      fuel_ = std::make_unique<Methanol>(55.0);
    } else {
      fuel_ = std::make_unique<Diesel>();
    }
  }

  void refit(std::unique_ptr<Fuel> fuel) { fuel_ = std::move(fuel); }
  double voyage(double hours) const {
    if (dynamic_cast<const Methanol*>(fuel_.get()) != nullptr) hours *= 1.1;
    return fuel_->cost(hours);
  }

 private:
  std::unique_ptr<Fuel> fuel_;
};
