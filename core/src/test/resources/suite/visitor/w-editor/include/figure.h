#pragma once
#include <memory>
#include <string>
#include <vector>

namespace sketch {

class Circle;
class Box;
class Group;

class FigureVisitor {
public:
    virtual ~FigureVisitor() = default;
    virtual void visit(const Circle& circle) = 0;
    virtual void visit(const Box& box) = 0;
    virtual void visit(const Group& group) = 0;
};

class Figure {
public:
    virtual ~Figure() = default;
    virtual void accept(FigureVisitor& visitor) const = 0;
    virtual std::unique_ptr<Figure> clone() const = 0;
    virtual void move(double dx, double dy) = 0;
};

class Circle final : public Figure {
public:
    Circle(double x, double y, double r) : x_(x), y_(y), r_(r) {}
    void accept(FigureVisitor& visitor) const override { visitor.visit(*this); }
    std::unique_ptr<Figure> clone() const override { return std::make_unique<Circle>(*this); }
    void move(double dx, double dy) override { x_ += dx; y_ += dy; }
    double radius() const { return r_; }
private:
    double x_, y_, r_;
};

class Box final : public Figure {
public:
    Box(double x, double y, double w, double h) : x_(x), y_(y), w_(w), h_(h) {}
    void accept(FigureVisitor& visitor) const override { visitor.visit(*this); }
    std::unique_ptr<Figure> clone() const override { return std::make_unique<Box>(*this); }
    void move(double dx, double dy) override { x_ += dx; y_ += dy; }
    double area() const { return w_ * h_; }
private:
    double x_, y_, w_, h_;
};

class Group final : public Figure {
public:
    Group() = default;
    Group(const Group& other);
    void add(std::unique_ptr<Figure> figure);
    void accept(FigureVisitor& visitor) const override;
    std::unique_ptr<Figure> clone() const override;
    void move(double dx, double dy) override;
    const std::vector<std::unique_ptr<Figure>>& figures() const { return figures_; }
private:
    std::vector<std::unique_ptr<Figure>> figures_;
};

}
