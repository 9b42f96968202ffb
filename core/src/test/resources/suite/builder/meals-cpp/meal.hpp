#pragma once
#include <stdexcept>
#include <string>
#include <utility>
#include <vector>

class Meal {
public:
    Meal(std::string main, std::vector<std::string> sides, bool dessert)
        : main_(std::move(main)), sides_(std::move(sides)), dessert_(dessert) {}
    std::size_t plates() const { return 1 + sides_.size() + (dessert_ ? 1 : 0); }

private:
    std::string main_;
    std::vector<std::string> sides_;
    bool dessert_;
};

class MealBuilder {
public:
    MealBuilder& main(std::string dish) {
        main_ = std::move(dish);
        return *this;
    }
    MealBuilder& side(std::string dish) {
        sides_.push_back(std::move(dish));
        return *this;
    }
    MealBuilder& dessert() {
        dessert_ = true;
        return *this;
    }
    Meal build() const {
        if (main_.empty()) {
            throw std::logic_error("a meal has a main dish");
        }
        return Meal(main_, sides_, dessert_);
    }

private:
    std::string main_;
    std::vector<std::string> sides_;
    bool dessert_ = false;
};
