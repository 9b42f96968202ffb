#pragma once
#include <optional>
#include <stdexcept>
#include <string>
#include <utility>

class Tent {
public:
    class Plan;
    const std::string& cloth() const { return cloth_; }
    int poles() const { return poles_; }

private:
    Tent(std::string cloth, int poles) : cloth_(std::move(cloth)), poles_(poles) {}
    std::string cloth_;
    int poles_;
};

class Tent::Plan {
public:
    Plan&& cloth(std::string cloth) && {
        cloth_ = std::move(cloth);
        return std::move(*this);
    }
    Plan&& poles(int poles) && {
        poles_ = poles;
        return std::move(*this);
    }
    Tent pitch() && {
        if (!cloth_) {
            throw std::logic_error("a tent needs cloth");
        }
        return Tent(*cloth_, poles_);
    }

private:
    std::optional<std::string> cloth_;
    int poles_ = 2;
};
