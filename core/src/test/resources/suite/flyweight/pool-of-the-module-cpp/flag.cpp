#include "flag.hpp"
#include <unordered_map>

namespace {
std::unordered_map<std::string, std::shared_ptr<const Flag>> pool;
}

std::shared_ptr<const Flag> Flag::of(const std::string& name) {
    auto it = pool.find(name);
    if (it != pool.end()) {
        return it->second;
    }
    std::shared_ptr<const Flag> made(new Flag(name));
    pool[name] = made;
    return made;
}
