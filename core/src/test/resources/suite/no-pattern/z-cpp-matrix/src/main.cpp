#include "matrix.h"
#include <iostream>

int main() {
    la::Matrix a{{2, 1}, {1, 3}};
    a += la::Matrix::identity(2);
    la::Solver solver(a);
    for (double x : solver.solve({1, 2})) std::cout << x << ' ';
    std::cout << solver.steps() << '\n';
}
