#include "registry.h"

std::atomic<Registry*> Registry::only_{nullptr};
std::mutex Registry::lock_;

Registry* Registry::instance() {
    Registry* found = only_.load();
    if (found == nullptr) {
        std::lock_guard<std::mutex> guard(lock_);
        found = only_.load();
        if (found == nullptr) {
            found = new Registry();
            only_.store(found);
        }
    }
    return found;
}
