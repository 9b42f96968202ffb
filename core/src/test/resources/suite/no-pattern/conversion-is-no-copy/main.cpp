#include "estimate.hpp"

int main() {
    Estimate<double> fine{1.5, 2};
    Estimate<int> rough = fine;
    return rough.outliers;
}
