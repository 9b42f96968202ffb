#pragma once
#include <cstdint>
#include <memory>
#include <string>
#include <vector>

struct Vec2 {
  float x = 0.f;
  float y = 0.f;
  Vec2 operator+(const Vec2& other) const { return {x + other.x, y + other.y}; }
  Vec2 operator*(float k) const { return {x * k, y * k}; }
};

class World;

class Entity {
 public:
  explicit Entity(Vec2 position) : position_(position) {}
  virtual ~Entity() = default;
  virtual void update(World& world, float dt) = 0;
  Vec2 position() const { return position_; }
  bool alive() const { return alive_; }
  void kill() { alive_ = false; }

 protected:
  Vec2 position_;

 private:
  bool alive_ = true;
};

class Gull : public Entity {
 public:
  Gull(Vec2 position, Vec2 speed) : Entity(position), speed_(speed) {}
  void update(World&, float dt) override { position_ = position_ + speed_ * dt; }

 private:
  Vec2 speed_;
};

class Cannon : public Entity {
 public:
  using Entity::Entity;
  void update(World& world, float dt) override;

 private:
  float wait_ = 0.f;
};

class World {
 public:
  template <typename T, typename... Args>
  T& spawn(Args&&... args) {
    auto made = std::make_unique<T>(std::forward<Args>(args)...);
    T& ref = *made;
    fresh_.push_back(std::move(made));
    return ref;
  }
  void tick(float dt);
  std::size_t size() const { return entities_.size(); }

 private:
  std::vector<std::unique_ptr<Entity>> entities_;
  std::vector<std::unique_ptr<Entity>> fresh_;
};
