#include "part.h"
#include <numeric>

double Assembly::weight() const {
    return std::accumulate(parts_.begin(), parts_.end(), 0.0,
        [](double sum, const std::shared_ptr<Part>& part) { return sum + part->weight(); });
}
