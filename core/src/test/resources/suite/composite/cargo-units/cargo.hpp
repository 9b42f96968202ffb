#pragma once
#include <memory>
#include <numeric>
#include <string>
#include <vector>

namespace aldera {

class CargoUnit {
public:
    virtual ~CargoUnit() = default;
    virtual double weight() const = 0;
    virtual void print(int depth) const = 0;
};

class Box final : public CargoUnit {
public:
    Box(std::string label, double weight) : label_(std::move(label)), weight_(weight) {}
    double weight() const override { return weight_; }
    void print(int depth) const override;
private:
    std::string label_;
    double weight_;
};

class Container final : public CargoUnit {
public:
    explicit Container(double tare) : tare_(tare) {}
    CargoUnit& add(std::unique_ptr<CargoUnit> unit) {
        units_.push_back(std::move(unit));
        return *units_.back();
    }
    double weight() const override {
        return std::accumulate(units_.begin(), units_.end(), tare_,
            [](double sum, const auto& unit) { return sum + unit->weight(); });
    }
    void print(int depth) const override;
private:
    double tare_;
    std::vector<std::unique_ptr<CargoUnit>> units_;
};

}
