#pragma once
#include <memory>
#include <string>
#include <vector>

class Goods {
public:
    virtual ~Goods() = default;
    virtual double weight() const = 0;
};

class Sack : public Goods {
public:
    explicit Sack(double kg) : kg_(kg) {}
    double weight() const override { return kg_; }

private:
    double kg_;
};

class Pallet : public Goods {
public:
    void add(std::unique_ptr<Goods> g) { inside_.push_back(std::move(g)); }
    double weight() const override {
        double sum = 22;
        for (const auto& g : inside_) {
            sum += g->weight();
        }
        return sum;
    }

private:
    std::vector<std::unique_ptr<Goods>> inside_;
};
