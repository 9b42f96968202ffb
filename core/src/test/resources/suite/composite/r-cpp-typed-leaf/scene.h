#pragma once
#include <memory>
#include <vector>

class Node {
public:
    virtual ~Node() {}
    virtual double area() const = 0;
    virtual void move(int dx, int dy) = 0;
};

class Dot : public Node {
    int x_ = 0, y_ = 0;
public:
    double area() const override { return 0.0; }
    void move(int dx, int dy) override { x_ += dx; y_ += dy; }
};

class Disc : public Node {
    double r_;
    int x_ = 0, y_ = 0;
public:
    explicit Disc(double r) : r_(r) {}
    double area() const override { return 3.14159 * r_ * r_; }
    void move(int dx, int dy) override { x_ += dx; y_ += dy; }
};

class Group : public Node {
    std::vector<std::shared_ptr<Node>> parts_;
public:
    void add(std::shared_ptr<Node> part) { parts_.push_back(std::move(part)); }
    void remove(const std::shared_ptr<Node>& part) { std::erase(parts_, part); }

    double area() const override {
        double sum = 0;
        for (const auto& part : parts_) sum += part->area();
        return sum;
    }

    void move(int dx, int dy) override {
        if (parts_.empty()) return;
        parts_.front()->move(dx, dy);
    }
};
