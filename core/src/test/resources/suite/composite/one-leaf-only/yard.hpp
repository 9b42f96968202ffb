#pragma once
#include <memory>
#include <utility>
#include <vector>

class Item {
public:
    virtual ~Item() = default;
    virtual int kilos() const = 0;
};

class Box : public Item {
public:
    explicit Box(int kilos) : kilos_(kilos) {}
    int kilos() const override { return kilos_; }

private:
    int kilos_;
};

class Drum : public Item {
public:
    int kilos() const override { return 180; }
};

class Crate : public Item {
public:
    void put(std::shared_ptr<Box> box) { boxes_.push_back(std::move(box)); }
    int kilos() const override {
        int sum = 9;
        for (const auto& box : boxes_) sum += box->kilos();
        return sum;
    }

private:
    std::vector<std::shared_ptr<Box>> boxes_;
};
