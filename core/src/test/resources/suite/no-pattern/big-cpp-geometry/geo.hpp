#pragma once
#include <cmath>
#include <memory>
#include <stdexcept>
#include <string>
#include <variant>
#include <vector>
namespace geo {
struct Point { double x = 0, y = 0; Point operator+(const Point& o) const { return {x + o.x, y + o.y}; } double distance(const Point& o) const { return std::hypot(x - o.x, y - o.y); } };
class Outline {
public:
    Outline& to(Point p) { points_.push_back(p); return *this; }
    double length() const { double sum = 0; for (std::size_t i = 1; i < points_.size(); ++i) sum += points_[i].distance(points_[i - 1]); return sum; }
    auto begin() const { return points_.begin(); }
    auto end() const { return points_.end(); }
private:
    std::vector<Point> points_;
};
class Area {
public:
    virtual ~Area() = default;
    virtual bool contains(Point p) const = 0;
    virtual double size() const = 0;
    static std::unique_ptr<Area> parse(const std::string& text);
};
class Circle final : public Area {
public:
    Circle(Point c, double r) : c_(c), r_(r) { if (r <= 0) throw std::invalid_argument("radius"); }
    bool contains(Point p) const override { return p.distance(c_) <= r_; }
    double size() const override { return 3.14159 * r_ * r_; }
private:
    Point c_; double r_;
};
class Box final : public Area {
public:
    Box(Point a, Point b) : a_(a), b_(b) {}
    bool contains(Point p) const override { return p.x >= a_.x && p.x <= b_.x && p.y >= a_.y && p.y <= b_.y; }
    double size() const override { return (b_.x - a_.x) * (b_.y - a_.y); }
private:
    Point a_, b_;
};
class Zone final : public Area {
public:
    void add(std::unique_ptr<Area> part) { parts_.push_back(std::move(part)); }
    bool contains(Point p) const override { for (const auto& part : parts_) if (part->contains(p)) return true; return false; }
    double size() const override { double sum = 0; for (const auto& part : parts_) sum += part->size(); return sum; }
private:
    std::vector<std::unique_ptr<Area>> parts_;
};
}
