#include "symbol.h"

namespace chart {

Symbol::Symbol(std::string shape, std::string colour)
    : shape_(std::move(shape)), colour_(std::move(colour)) {}

std::string Symbol::draw(double lat, double lon) const {
    return colour_ + " " + shape_ + " at " + std::to_string(lat) + "/" + std::to_string(lon);
}

std::shared_ptr<const Symbol> SymbolDrawer::find(const std::string& shape, const std::string& colour) {
    const auto key = std::make_pair(shape, colour);
    const auto found = symbols_.find(key);
    if (found != symbols_.end()) {
        return found->second;
    }
    auto made = std::make_shared<const Symbol>(shape, colour);
    symbols_.emplace(key, made);
    return made;
}

Buoy::Buoy(double lat, double lon, std::shared_ptr<const Symbol> symbol)
    : lat_(lat), lon_(lon), symbol_(std::move(symbol)) {}

std::string Buoy::draw() const { return symbol_->draw(lat_, lon_); }

}
