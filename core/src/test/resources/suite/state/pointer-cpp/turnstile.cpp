#include "turnstile.hpp"

Turnstile::Turnstile() : state_(std::make_unique<Locked>()) {}

void Locked::coin(Turnstile& turnstile) {
    turnstile.become(std::make_unique<Unlocked>());
}

void Unlocked::push(Turnstile& turnstile) {
    turnstile.count();
    turnstile.become(std::make_unique<Locked>());
}
