#include <memory>
#include <string>
#include <utility>

struct Ship {
    int draught;
    std::string flag;
};

class Rule {
public:
    virtual ~Rule() = default;
    virtual bool holds(const Ship& ship) const = 0;
};

using RulePtr = std::unique_ptr<Rule>;

class DraughtBelow final : public Rule {
public:
    explicit DraughtBelow(int limit) : limit_(limit) {}
    bool holds(const Ship& ship) const override { return ship.draught < limit_; }
private:
    int limit_;
};

class FliesFlag final : public Rule {
public:
    explicit FliesFlag(std::string flag) : flag_(std::move(flag)) {}
    bool holds(const Ship& ship) const override { return ship.flag == flag_; }
private:
    std::string flag_;
};

class Both final : public Rule {
public:
    Both(RulePtr left, RulePtr right) : left_(std::move(left)), right_(std::move(right)) {}
    bool holds(const Ship& ship) const override { return left_->holds(ship) && right_->holds(ship); }
private:
    RulePtr left_;
    RulePtr right_;
};

class Not final : public Rule {
public:
    explicit Not(RulePtr inner) : inner_(std::move(inner)) {}
    bool holds(const Ship& ship) const override { return !inner_->holds(ship); }
private:
    RulePtr inner_;
};

class Pilotage {
public:
    bool admits(const Rule& rule, const Ship& ship) { return rule.holds(ship); }
};
