#pragma once
#include <memory>
#include <vector>

class Crane {
public:
    void hoist(int metres) { height_ += metres; }
    void turn(int degrees) { heading_ = (heading_ + degrees) % 360; }

private:
    int height_ = 0;
    int heading_ = 0;
};

class Order {
public:
    explicit Order(Crane& crane) : crane_(crane) {}
    virtual ~Order() = default;
    virtual void run() = 0;

protected:
    Crane& crane_;
};

class Hoist : public Order {
public:
    Hoist(Crane& crane, int metres) : Order(crane), metres_(metres) {}
    void run() override { crane_.hoist(metres_); }

private:
    int metres_;
};

class Turn : public Order {
public:
    using Order::Order;
    void run() override { crane_.turn(90); }
};

class Shift {
public:
    void add(std::unique_ptr<Order> order) { orders_.push_back(std::move(order)); }
    void work() {
        for (auto& order : orders_) {
            order->run();
        }
        orders_.clear();
    }

private:
    std::vector<std::unique_ptr<Order>> orders_;
};
