#include "yard.hpp"
namespace aldera::yard {
void Engine::start() {}
Craft::Craft(std::string name) { engine_.start(); }
Trip Crew::row(Skiff& skiff) { Trip trip(skiff); if (done_) done_(trip); return trip; }
Registry& Registry::shared() { static Registry one; return one; }
}
