#pragma once
#include "figure.h"
#include <ostream>

namespace sketch {

class AreaSum : public FigureVisitor {
public:
    void visit(const Circle& circle) override { sum_ += 3.14159 * circle.radius() * circle.radius(); }
    void visit(const Box& box) override { sum_ += box.area(); }
    void visit(const Group& group) override {
        for (const auto& figure : group.figures()) figure->accept(*this);
    }
    double sum() const { return sum_; }
private:
    double sum_ = 0;
};

class Writer : public FigureVisitor {
public:
    explicit Writer(std::ostream& out) : out_(out) {}
    void visit(const Circle& circle) override { out_ << "circle " << circle.radius() << '\n'; }
    void visit(const Box& box) override { out_ << "box " << box.area() << '\n'; }
    void visit(const Group& group) override {
        out_ << "group\n";
        for (const auto& figure : group.figures()) figure->accept(*this);
    }
private:
    std::ostream& out_;
};

}
