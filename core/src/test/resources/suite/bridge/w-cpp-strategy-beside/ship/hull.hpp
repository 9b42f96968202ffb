#pragma once
#include <memory>
#include <vector>

namespace ship {

class Engine {
public:
    virtual ~Engine() = default;
    virtual double thrust(double litres) = 0;
    virtual void stop() = 0;
};

class Diesel final : public Engine {
public:
    double thrust(double litres) override { return litres * 3.1; }
    void stop() override { running = false; }

private:
    bool running = true;
};

class Electric final : public Engine {
public:
    double thrust(double litres) override { return litres * 4.2; }
    void stop() override { volts = 0; }

private:
    int volts = 400;
};

class Vessel {
public:
    explicit Vessel(std::unique_ptr<Engine> engine) : engine_(std::move(engine)) {}
    virtual ~Vessel() = default;
    virtual double leave() = 0;
    virtual void moor() { engine_->stop(); }

protected:
    double push(double litres) { return engine_->thrust(litres); }

private:
    std::unique_ptr<Engine> engine_;
};

class Tug : public Vessel {
public:
    using Vessel::Vessel;
    double leave() override { return push(80) + push(40); }
};

class Yacht : public Vessel {
public:
    using Vessel::Vessel;
    double leave() override { return push(12); }
};

class Route {
public:
    virtual ~Route() = default;
    virtual int miles(const std::vector<int>& legs) const = 0;
};

class Coastal : public Route {
public:
    int miles(const std::vector<int>& legs) const override { return static_cast<int>(legs.size()) * 12; }
};

class Straight : public Route {
public:
    int miles(const std::vector<int>& legs) const override { return legs.empty() ? 0 : legs.back(); }
};

class Navigator {
public:
    explicit Navigator(const Route& route) : route_(&route) {}
    void follow(const Route& route) { route_ = &route; }
    int plan(const std::vector<int>& legs) const { return route_->miles(legs) + 1; }

private:
    const Route* route_;
};

}  // namespace ship
