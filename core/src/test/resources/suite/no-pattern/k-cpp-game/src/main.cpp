#include "entity.hpp"

int main() {
  World world;
  world.spawn<Cannon>(Vec2{3.f, 4.f});
  for (int frame = 0; frame < 600; ++frame) {
    world.tick(1.f / 60.f);
  }
  return world.size() > 0 ? 0 : 1;
}
