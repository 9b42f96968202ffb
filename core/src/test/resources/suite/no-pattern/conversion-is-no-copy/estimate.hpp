#pragma once

template <typename Unit>
struct Estimate {
    Unit mean;
    int outliers;

    template <typename Other>
    operator Estimate<Other>() const {
        return {static_cast<Other>(mean), outliers};
    }
};
