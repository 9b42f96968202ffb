#pragma once
#include <algorithm>
#include <chrono>
#include <cmath>
#include <memory>
#include <string>
#include <vector>

struct Vec {
    double x = 0;
    double y = 0;
    Vec operator+(const Vec& other) const { return {x + other.x, y + other.y}; }
    Vec operator*(double factor) const { return {x * factor, y * factor}; }
};

class Canvas {
public:
    virtual ~Canvas() = default;
    virtual void circle(Vec at, double radius) = 0;
    virtual void text(Vec at, const std::string& text) = 0;
};

class Entity {
public:
    Entity(Vec at, Vec speed) : at_(at), speed_(speed) {}
    virtual ~Entity() = default;
    virtual void update(double seconds) { at_ = at_ + speed_ * seconds; }
    virtual void draw(Canvas& canvas) const = 0;
    Vec at() const { return at_; }
    bool gone() const { return std::abs(at_.x) > 1000 || std::abs(at_.y) > 1000; }

protected:
    Vec at_;
    Vec speed_;
};

class Ship : public Entity {
public:
    Ship(std::string name, Vec at, Vec speed) : Entity(at, speed), name_(std::move(name)) {}
    void draw(Canvas& canvas) const override {
        canvas.circle(at_, 8);
        canvas.text(at_, name_);
    }

private:
    std::string name_;
};

class Wave : public Entity {
public:
    using Entity::Entity;
    void update(double seconds) override {
        Entity::update(seconds);
        radius_ += seconds;
    }
    void draw(Canvas& canvas) const override { canvas.circle(at_, radius_); }

private:
    double radius_ = 1;
};

class World {
public:
    void spawn(std::unique_ptr<Entity> entity) { entities_.push_back(std::move(entity)); }

    void step(double seconds) {
        for (auto& entity : entities_) {
            entity->update(seconds);
        }
        entities_.erase(std::remove_if(entities_.begin(), entities_.end(), [](const auto& entity) { return entity->gone(); }),
                        entities_.end());
    }

    void draw(Canvas& canvas) const {
        for (const auto& entity : entities_) {
            entity->draw(canvas);
        }
    }

    std::size_t size() const { return entities_.size(); }

private:
    std::vector<std::unique_ptr<Entity>> entities_;
};
