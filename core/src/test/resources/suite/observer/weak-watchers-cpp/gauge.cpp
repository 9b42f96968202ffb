#include "gauge.h"
#include <algorithm>

void Gauge::leave(const std::shared_ptr<Watcher>& watcher) {
    watchers_.erase(std::remove_if(watchers_.begin(), watchers_.end(),
                                   [&](const std::weak_ptr<Watcher>& one) { return one.lock() == watcher; }),
                    watchers_.end());
}

void Gauge::measure(double level) {
    const double rise = level - level_;
    level_ = level;
    for (const auto& weak : watchers_) {
        auto watcher = weak.lock();
        if (!watcher) {
            continue;
        }
        watcher->rose(rise);
    }
}
