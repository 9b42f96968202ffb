#pragma once
#include <map>
#include <memory>
#include <string>

class Buoy {
public:
    explicit Buoy(std::string shape) : shape_(std::move(shape)) {}
    std::string at(double lat, double lon) const { return shape_ + std::to_string(lat) + std::to_string(lon); }
private:
    const std::string shape_;
};

class BuoyShop {
public:
    std::shared_ptr<const Buoy> get(const std::string& shape) {
        auto it = buoys_.find(shape);
        if (it != buoys_.end()) return it->second;
        auto made = std::make_shared<const Buoy>(shape);
        buoys_.emplace(shape, made);
        return made;
    }
    std::size_t count() const { return buoys_.size(); }
private:
    std::map<std::string, std::shared_ptr<const Buoy>> buoys_;
};
