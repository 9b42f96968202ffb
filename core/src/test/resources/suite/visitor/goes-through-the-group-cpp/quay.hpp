#pragma once
#include <memory>
#include <string>
#include <vector>

class Berth;
class Quay;

class Visitor {
public:
    virtual ~Visitor() = default;
    virtual void visit(const Berth& berth) = 0;
    virtual void visit(const Quay& quay) = 0;
};

class Spot {
public:
    virtual ~Spot() = default;
    virtual void accept(Visitor& visitor) const = 0;
};

class Berth : public Spot {
public:
    explicit Berth(int metres) : metres_(metres) {}
    int metres() const { return metres_; }
    void accept(Visitor& visitor) const override { visitor.visit(*this); }

private:
    int metres_;
};

class Quay : public Spot {
public:
    void add(std::unique_ptr<Spot> spot) { spots_.push_back(std::move(spot)); }
    auto begin() const { return spots_.begin(); }
    auto end() const { return spots_.end(); }
    void accept(Visitor& visitor) const override { visitor.visit(*this); }

private:
    std::vector<std::unique_ptr<Spot>> spots_;
};

class Length : public Visitor {
public:
    void visit(const Berth& berth) override { sum_ += berth.metres(); }
    void visit(const Quay& quay) override {
        for (const auto& spot : quay) {
            spot->accept(*this);
        }
    }
    int sum() const { return sum_; }

private:
    int sum_ = 0;
};
