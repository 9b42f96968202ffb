#include "shelf.hpp"

bool ShelfWalk::more() const {
    return shelf_.at_ < shelf_.tins_.size();
}

const std::string& ShelfWalk::take() {
    return shelf_.tins_[shelf_.at_++];
}
