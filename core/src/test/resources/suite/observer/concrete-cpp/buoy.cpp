#include "buoy.h"
#include <algorithm>

void Buoy::attach(BuoyListener* listener) { listeners_.push_back(listener); }

void Buoy::detach(BuoyListener* listener) {
    listeners_.erase(std::remove(listeners_.begin(), listeners_.end(), listener), listeners_.end());
}

void Buoy::move(double x, double y) {
    x_ = x;
    y_ = y;
    notify();
}

void Buoy::notify() {
    for (auto* listener : listeners_) {
        listener->drifted(*this);
    }
}
