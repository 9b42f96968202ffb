#pragma once
#include <memory>
#include <vector>

class Hull;
class Mast;

class PartVisitor {
public:
    virtual ~PartVisitor() = default;
    virtual void visit(Hull& hull) = 0;
    virtual void visit(Mast& mast) = 0;
};

class Part {
public:
    virtual ~Part() = default;
    virtual void accept(PartVisitor& visitor) = 0;
};

class Hull : public Part {
public:
    void accept(PartVisitor& visitor) override { visitor.visit(*this); }
    int planks = 80;
};

class Mast : public Part {
public:
    void accept(PartVisitor& visitor) override { visitor.visit(*this); }
    int height = 14;
};

class TallMast : public Mast {
public:
    int stays = 6;
};

class Painter : public PartVisitor {
public:
    void visit(Hull& hull) override { litres_ += hull.planks; }
    void visit(Mast& mast) override {
        if (auto* tall = dynamic_cast<TallMast*>(&mast)) {
            litres_ += tall->stays;
        }
        litres_ += mast.height;
    }
    int litres() const { return litres_; }

private:
    int litres_ = 0;
};

class Counter : public PartVisitor {
public:
    void visit(Hull&) override { ++count_; }
    void visit(Mast&) override { ++count_; }
    int count() const { return count_; }

private:
    int count_ = 0;
};
