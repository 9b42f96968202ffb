#include "matrix.h"

namespace la {

Matrix::Matrix(std::size_t rows, std::size_t columns, double fill)
    : rows_(rows), columns_(columns), values_(rows * columns, fill) {}

Matrix::Matrix(std::initializer_list<std::initializer_list<double>> values)
    : Matrix(values.size(), values.begin()->size()) {
    std::size_t at = 0;
    for (const auto& row : values)
        for (double value : row) values_[at++] = value;
}

Matrix Matrix::identity(std::size_t size) {
    Matrix result(size, size);
    for (std::size_t i = 0; i < size; ++i) result.at(i, i) = 1;
    return result;
}

Matrix Matrix::transposed() const {
    Matrix result(columns_, rows_);
    for (std::size_t r = 0; r < rows_; ++r)
        for (std::size_t c = 0; c < columns_; ++c) result.at(c, r) = at(r, c);
    return result;
}

Matrix& Matrix::operator+=(const Matrix& other) {
    if (other.rows_ != rows_ || other.columns_ != columns_) throw std::invalid_argument("sizes differ");
    for (std::size_t i = 0; i < values_.size(); ++i) values_[i] += other.values_[i];
    return *this;
}

Matrix operator*(const Matrix& left, const Matrix& right) {
    Matrix result(left.rows(), right.columns());
    for (std::size_t r = 0; r < left.rows(); ++r)
        for (std::size_t c = 0; c < right.columns(); ++c)
            for (std::size_t k = 0; k < left.columns(); ++k) result.at(r, c) += left.at(r, k) * right.at(k, c);
    return result;
}

void Solver::eliminate(std::size_t pivot, std::vector<double>& b) {
    for (std::size_t row = pivot + 1; row < a_.rows(); ++row) {
        const double factor = a_.at(row, pivot) / a_.at(pivot, pivot);
        for (std::size_t c = pivot; c < a_.columns(); ++c) a_.at(row, c) -= factor * a_.at(pivot, c);
        b[row] -= factor * b[pivot];
        ++steps_;
    }
}

std::vector<double> Solver::solve(std::vector<double> b) {
    for (std::size_t pivot = 0; pivot < a_.rows(); ++pivot) eliminate(pivot, b);
    for (std::size_t row = a_.rows(); row-- > 0;) {
        for (std::size_t c = row + 1; c < a_.columns(); ++c) b[row] -= a_.at(row, c) * b[c];
        b[row] /= a_.at(row, row);
    }
    return b;
}

}
