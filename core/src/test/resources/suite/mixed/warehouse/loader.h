#pragma once
#include "goods.h"

class Loader {
public:
    virtual ~Loader() = default;
    double load() {
        std::unique_ptr<Goods> g = next();
        total_ += g->weight();
        return total_;
    }

protected:
    virtual std::unique_ptr<Goods> next() = 0;

private:
    double total_ = 0;
};

class SackLoader : public Loader {
protected:
    std::unique_ptr<Goods> next() override { return std::make_unique<Sack>(25.0); }
};

class PalletLoader : public Loader {
protected:
    std::unique_ptr<Goods> next() override {
        auto p = std::make_unique<Pallet>();
        p->add(std::make_unique<Sack>(25.0));
        return p;
    }
};
