#pragma once
#include <memory>
#include <string>
#include <vector>

class GoodsVisitor;

class Goods {
public:
    virtual ~Goods() = default;
    virtual void accept(GoodsVisitor& visitor) const = 0;
    virtual std::unique_ptr<Goods> clone() const = 0;
};

class Sack : public Goods {
public:
    explicit Sack(int kilos) : kilos_(kilos) {}
    void accept(GoodsVisitor& visitor) const override;
    std::unique_ptr<Goods> clone() const override { return std::make_unique<Sack>(*this); }
    int kilos() const { return kilos_; }

private:
    int kilos_;
};

class Pallet : public Goods {
public:
    Pallet() = default;
    Pallet(const Pallet& other);
    void add(std::unique_ptr<Goods> goods) { goods_.push_back(std::move(goods)); }
    void accept(GoodsVisitor& visitor) const override;
    std::unique_ptr<Goods> clone() const override { return std::make_unique<Pallet>(*this); }
    const std::vector<std::unique_ptr<Goods>>& goods() const { return goods_; }

private:
    std::vector<std::unique_ptr<Goods>> goods_;
};

class GoodsVisitor {
public:
    virtual ~GoodsVisitor() = default;
    virtual void visit(const Sack& sack) = 0;
    virtual void visit(const Pallet& pallet) = 0;
};
