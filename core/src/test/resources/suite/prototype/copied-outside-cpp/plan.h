#pragma once
#include <memory>
#include <string>
#include <vector>

class Plan {
public:
    virtual ~Plan() = default;
    virtual std::unique_ptr<Plan> clone() const = 0;
    virtual int hours() const = 0;
};

class LoadPlan : public Plan {
public:
    LoadPlan(std::string ship, int crates) : ship_(std::move(ship)), crates_(crates) {}
    LoadPlan(const LoadPlan& other) : ship_(other.ship_), crates_(other.crates_) {}
    std::unique_ptr<Plan> clone() const override { return std::make_unique<LoadPlan>(*this); }
    int hours() const override { return crates_ / 10 + static_cast<int>(notes_.size()); }
    void note(std::string text) { notes_.push_back(std::move(text)); }
private:
    std::string ship_;
    int crates_;
    std::vector<std::string> notes_;
};

class FuelPlan : public Plan {
public:
    explicit FuelPlan(double tons) : tons_(tons) {}
    std::unique_ptr<Plan> clone() const override { return std::make_unique<FuelPlan>(*this); }
    int hours() const override { return static_cast<int>(tons_ / 5); }
private:
    double tons_;
};

class Planner {
public:
    std::unique_ptr<Plan> again(const Plan& plan) const { return plan.clone(); }
};
