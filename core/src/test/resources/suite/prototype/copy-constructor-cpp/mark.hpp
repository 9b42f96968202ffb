#pragma once
#include <memory>
#include <string>
#include <vector>

class Mark {
public:
    virtual ~Mark() = default;
    virtual std::unique_ptr<Mark> clone() const = 0;
    void move(int x, int y) { x_ = x; y_ = y; }

protected:
    Mark() = default;
    Mark(const Mark&) = default;

private:
    int x_ = 0;
    int y_ = 0;
};

class Buoy : public Mark {
public:
    explicit Buoy(std::string colour) : colour_(std::move(colour)) {}
    std::unique_ptr<Mark> clone() const override { return std::make_unique<Buoy>(*this); }

private:
    std::string colour_;
};

class Beacon : public Mark {
public:
    explicit Beacon(int range) : range_(range) {}
    std::unique_ptr<Mark> clone() const override { return std::unique_ptr<Mark>(new Beacon(*this)); }

private:
    int range_;
};

class Palette {
public:
    void keep(std::unique_ptr<Mark> mark) { marks_.push_back(std::move(mark)); }
    std::unique_ptr<Mark> take(std::size_t index) const { return marks_.at(index)->clone(); }

private:
    std::vector<std::unique_ptr<Mark>> marks_;
};
