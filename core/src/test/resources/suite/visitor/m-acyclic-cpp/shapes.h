#pragma once
#include <string>
#include <vector>
#include <memory>

class AnyVisitor {
public:
    virtual ~AnyVisitor() = default;
};

class Circle;
class Square;

class CircleVisitor {
public:
    virtual ~CircleVisitor() = default;
    virtual void visit(Circle& circle) = 0;
};

class SquareVisitor {
public:
    virtual ~SquareVisitor() = default;
    virtual void visit(Square& square) = 0;
};

class Shape {
public:
    virtual ~Shape() = default;
    virtual void accept(AnyVisitor& visitor) = 0;
};

class Circle : public Shape {
public:
    void accept(AnyVisitor& visitor) override {
        if (auto* mine = dynamic_cast<CircleVisitor*>(&visitor)) {
            mine->visit(*this);
        }
    }
    double radius = 1;
};

class Square : public Shape {
public:
    void accept(AnyVisitor& visitor) override {
        if (auto* mine = dynamic_cast<SquareVisitor*>(&visitor)) {
            mine->visit(*this);
        }
    }
    double side = 1;
};

class AreaVisitor : public AnyVisitor, public CircleVisitor, public SquareVisitor {
public:
    void visit(Circle& circle) override { area_ += 3.14 * circle.radius * circle.radius; }
    void visit(Square& square) override { area_ += square.side * square.side; }
    double area() const { return area_; }

private:
    double area_ = 0;
};
