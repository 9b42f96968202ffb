#include "feed.hpp"

Feed::Feed(const std::string& path, Registry& registry) {
    std::ifstream in(path);
    std::string row;
    while (std::getline(in, row)) {
        rows_.push_back(row);
    }
    registry.enter(this);
}
