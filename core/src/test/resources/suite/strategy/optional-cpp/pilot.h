#pragma once
#include <memory>
#include <optional>

class Route {
public:
    virtual ~Route() = default;
    virtual int hours(int miles) const = 0;
};

class Fairway final : public Route {
public:
    int hours(int miles) const override { return miles / 8; }
};

class Shallows final : public Route {
public:
    int hours(int miles) const override { return miles / 3 + 1; }
};

class Pilot {
public:
    Pilot& plan(std::shared_ptr<const Route> route) {
        route_ = std::move(route);
        return *this;
    }

    std::optional<int> hours(int miles) const {
        if (!route_) {
            return std::nullopt;
        }
        return route_->hours(miles);
    }

private:
    std::shared_ptr<const Route> route_;
};
