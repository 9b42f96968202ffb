#include "matrix.hpp"
#include <iostream>

int main() {
    auto matrix = algebra::Matrix<double>::identity(3);
    matrix += matrix.transposed();
    auto product = matrix * matrix;
    double sum = 0;
    for (double cell : product) sum += cell;
    std::cout << sum << algebra::Solver().solve(product, {1, 2, 3})[0];
}
