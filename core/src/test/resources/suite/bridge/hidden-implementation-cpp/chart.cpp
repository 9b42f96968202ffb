#include "chart.h"
#include <map>
#include <utility>

struct Chart::Impl {
    std::string region;
    std::map<std::pair<int, int>, double> depths;

    double find(int row, int column) const {
        auto found = depths.find({row, column});
        return found == depths.end() ? 0.0 : found->second;
    }
};

Chart::Chart(std::string region) : impl_(std::make_unique<Impl>()) { impl_->region = std::move(region); }

Chart::~Chart() = default;

double Chart::depthAt(double lat, double lon) const { return impl_->find(int(lat * 10), int(lon * 10)); }

std::string Chart::region() const { return impl_->region; }
