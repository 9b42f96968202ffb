#pragma once
#include "goods.h"

class WeightSum : public GoodsVisitor {
public:
    void visit(const Sack& sack) override { sum_ += sack.kilos(); }
    void visit(const Pallet&) override { sum_ += 20; }
    int sum() const { return sum_; }

private:
    int sum_ = 0;
};

class LabelPrinter : public GoodsVisitor {
public:
    void visit(const Sack& sack) override { text_ += "sack " + std::to_string(sack.kilos()) + "\n"; }
    void visit(const Pallet& pallet) override {
        text_ += "pallet of " + std::to_string(pallet.goods().size()) + "\n";
    }
    const std::string& text() const { return text_; }

private:
    std::string text_;
};
