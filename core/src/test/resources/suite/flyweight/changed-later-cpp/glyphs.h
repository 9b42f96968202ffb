#pragma once
#include <map>
#include <memory>
#include <string>

class Buoy {
public:
    explicit Buoy(std::string shape) : shape_(std::move(shape)) {}
    void paint(const std::string& colour) { colour_ = colour; }
    std::string text() const { return colour_ + shape_; }

private:
    std::string shape_;
    std::string colour_ = "red ";
};

class BuoyBox {
public:
    std::shared_ptr<Buoy> get(const std::string& shape) {
        auto& slot = buoys_[shape];
        if (!slot) {
            slot = std::make_shared<Buoy>(shape);
        }
        return slot;
    }

private:
    std::map<std::string, std::shared_ptr<Buoy>> buoys_;
};
