#include "goods.h"

Pallet::Pallet(const Pallet& other) {
    for (const auto& goods : other.goods_) {
        goods_.push_back(goods->clone());
    }
}

void Sack::accept(GoodsVisitor& visitor) const {
    visitor.visit(*this);
}

void Pallet::accept(GoodsVisitor& visitor) const {
    visitor.visit(*this);
    for (const auto& goods : goods_) {
        goods->accept(visitor);
    }
}
