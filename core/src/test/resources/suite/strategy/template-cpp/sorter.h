#pragma once
#include <memory>
#include <vector>

struct Ship { int tons; int arrived; };

class Order {
public:
    virtual ~Order() = default;
    virtual bool before(const Ship& a, const Ship& b) const = 0;
};

class ByAge : public Order {
public:
    bool before(const Ship& a, const Ship& b) const override { return a.arrived < b.arrived; }
};

class BySize : public Order {
public:
    bool before(const Ship& a, const Ship& b) const override { return a.tons > b.tons; }
};

class Roads {
public:
    explicit Roads(std::unique_ptr<Order> order) : order_(std::move(order)) {}
    void use(std::unique_ptr<Order> order) { order_ = std::move(order); }
    const Ship& first() const {
        std::size_t best = 0;
        for (std::size_t i = 1; i < ships_.size(); ++i) {
            if (order_->before(ships_[i], ships_[best])) {
                best = i;
            }
        }
        return ships_[best];
    }
private:
    std::unique_ptr<Order> order_;
    std::vector<Ship> ships_;
};
