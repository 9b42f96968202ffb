#include "kiln.h"
#include <algorithm>

void Kiln::subscribe(const std::shared_ptr<KilnListener>& listener) {
    listeners_.emplace_back(listener);
}

void Kiln::unsubscribe(const std::shared_ptr<KilnListener>& listener) {
    listeners_.erase(std::remove_if(listeners_.begin(), listeners_.end(),
        [&](const std::weak_ptr<KilnListener>& kept) { return kept.lock() == listener; }), listeners_.end());
}

void Kiln::fire(int degrees) {
    degrees_ = degrees;
    for (auto& weak : listeners_) {
        if (auto listener = weak.lock()) {
            listener->heated(degrees_);
        }
    }
}

void setUp(Kiln& kiln) {
    kiln.subscribe(std::make_shared<Alarm>());
    kiln.subscribe(std::make_shared<Chart>());
}
