#pragma once
#include <map>
#include <memory>
#include <string>

using Facts = std::map<std::string, double>;

struct Rule {
    virtual ~Rule() = default;
    virtual double worth(const Facts& facts) const = 0;
};

using RulePtr = std::unique_ptr<Rule>;

class Amount final : public Rule {
    double value_;
public:
    explicit Amount(double value) : value_(value) {}
    double worth(const Facts&) const override { return value_; }
};

class Fact final : public Rule {
    std::string name_;
public:
    explicit Fact(std::string name) : name_(std::move(name)) {}
    double worth(const Facts& facts) const override {
        auto found = facts.find(name_);
        return found == facts.end() ? 0.0 : found->second;
    }
};

class Sum final : public Rule {
    RulePtr left_, right_;
public:
    Sum(RulePtr left, RulePtr right) : left_(std::move(left)), right_(std::move(right)) {}
    double worth(const Facts& facts) const override { return left_->worth(facts) + right_->worth(facts); }
};

class Larger final : public Rule {
    RulePtr left_, right_;
public:
    Larger(RulePtr left, RulePtr right) : left_(std::move(left)), right_(std::move(right)) {}
    double worth(const Facts& facts) const override {
        const double a = left_->worth(facts);
        const double b = right_->worth(facts);
        return a > b ? a : b;
    }
};
