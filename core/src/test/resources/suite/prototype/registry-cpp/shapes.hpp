#pragma once
#include <map>
#include <memory>
#include <string>
class Mark {
public:
    virtual ~Mark() = default;
    virtual std::unique_ptr<Mark> clone() const = 0;
    virtual std::string draw() const = 0;
};
class Cone : public Mark {
public:
    explicit Cone(int height) : height_(height) {}
    std::unique_ptr<Mark> clone() const override { return std::make_unique<Cone>(*this); }
    std::string draw() const override { return "cone" + std::to_string(height_); }
private:
    int height_;
};
class Ball : public Mark {
public:
    Ball(int radius, std::string colour) : radius_(radius), colour_(std::move(colour)) {}
    std::unique_ptr<Mark> clone() const override { return std::unique_ptr<Mark>(new Ball(radius_, colour_)); }
    std::string draw() const override { return colour_ + std::to_string(radius_); }
private:
    int radius_; std::string colour_;
};
class MarkBook {
public:
    void keep(const std::string& name, std::unique_ptr<Mark> mark) { marks_[name] = std::move(mark); }
    std::unique_ptr<Mark> make(const std::string& name) const { return marks_.at(name)->clone(); }
private:
    std::map<std::string, std::unique_ptr<Mark>> marks_;
};
