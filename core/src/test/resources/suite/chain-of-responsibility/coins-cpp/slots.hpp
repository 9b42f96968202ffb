#pragma once
#include <memory>
#include <utility>

struct Coin {
    double grams;
    double millimetres;
};

class Slot {
public:
    virtual ~Slot() = default;
    void next(std::shared_ptr<Slot> slot) { next_ = std::move(slot); }
    virtual int take(const Coin& coin) {
        return next_ ? next_->take(coin) : 0;
    }

private:
    std::shared_ptr<Slot> next_;
};

class EuroSlot : public Slot {
public:
    int take(const Coin& coin) override {
        if (coin.grams > 7.4 && coin.grams < 7.6) {
            return 100;
        }
        return Slot::take(coin);
    }
};

class DimeSlot : public Slot {
public:
    int take(const Coin& coin) override {
        if (coin.millimetres < 20) {
            return 10;
        }
        return Slot::take(coin);
    }
};
