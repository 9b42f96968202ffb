#pragma once
#include <memory>
#include <string>
#include <vector>

class Mark {
public:
    virtual ~Mark() = default;
    virtual std::unique_ptr<Mark> clone() const = 0;
};

class Buoy : public Mark {
public:
    Buoy(std::string colour, int light) : colour_(std::move(colour)), light_(light) {}
    std::unique_ptr<Mark> clone() const override { return std::make_unique<Buoy>(*this); }
private:
    std::string colour_;
    int light_;
};

class Beacon : public Mark {
public:
    explicit Beacon(int height) : height_(height) {}
    std::unique_ptr<Mark> clone() const override { return std::unique_ptr<Mark>(new Beacon(height_)); }
private:
    int height_;
    int faults_ = 0;
};

class Chart {
public:
    void copyFrom(const Mark& mark) { marks_.push_back(mark.clone()); }
private:
    std::vector<std::unique_ptr<Mark>> marks_;
};
