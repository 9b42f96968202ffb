#pragma once
#include <memory>
#include <string>
#include <vector>

class Figure {
public:
    virtual ~Figure() = default;
    virtual std::unique_ptr<Figure> clone() const = 0;
    virtual int area() const = 0;
};

class Square : public Figure {
public:
    explicit Square(int side) : side_(side) {}
    std::unique_ptr<Figure> clone() const override { return std::make_unique<Square>(*this); }
    int area() const override { return side_ * side_; }
private:
    int side_;
};

class Strip : public Figure {
public:
    Strip(int length, int width) : length_(length), width_(width) {}
    std::unique_ptr<Figure> clone() const override { return std::unique_ptr<Figure>(new Strip(length_, width_)); }
    int area() const override { return length_ * width_; }
private:
    int length_;
    int width_;
};
