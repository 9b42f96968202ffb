#include "entity.hpp"

#include <algorithm>
#include <iterator>

void Cannon::update(World& world, float dt) {
  wait_ -= dt;
  if (wait_ <= 0.f) {
    world.spawn<Gull>(position(), Vec2{1.f, 0.f});
    wait_ = 2.f;
  }
}

void World::tick(float dt) {
  std::move(fresh_.begin(), fresh_.end(), std::back_inserter(entities_));
  fresh_.clear();
  for (auto& entity : entities_) {
    entity->update(*this, dt);
  }
  entities_.erase(std::remove_if(entities_.begin(), entities_.end(), [](const auto& e) { return !e->alive(); }),
                  entities_.end());
}
