#pragma once
#include <cstddef>
#include <initializer_list>
#include <ostream>
#include <stdexcept>
#include <vector>

namespace algebra {

template <typename T>
class Matrix {
public:
    Matrix(std::size_t rows, std::size_t columns) : rows_(rows), columns_(columns), cells_(rows * columns) {}

    static Matrix identity(std::size_t size) {
        Matrix matrix(size, size);
        for (std::size_t i = 0; i < size; ++i) matrix(i, i) = T{1};
        return matrix;
    }

    T& operator()(std::size_t row, std::size_t column) { return cells_.at(row * columns_ + column); }
    const T& operator()(std::size_t row, std::size_t column) const { return cells_.at(row * columns_ + column); }

    Matrix transposed() const {
        Matrix result(columns_, rows_);
        for (std::size_t i = 0; i < rows_; ++i)
            for (std::size_t j = 0; j < columns_; ++j) result(j, i) = (*this)(i, j);
        return result;
    }

    Matrix& operator+=(const Matrix& other) {
        if (rows_ != other.rows_ || columns_ != other.columns_) throw std::invalid_argument("sizes differ");
        for (std::size_t i = 0; i < cells_.size(); ++i) cells_[i] += other.cells_[i];
        return *this;
    }

    std::size_t rows() const { return rows_; }
    std::size_t columns() const { return columns_; }
    auto begin() const { return cells_.begin(); }
    auto end() const { return cells_.end(); }

private:
    std::size_t rows_;
    std::size_t columns_;
    std::vector<T> cells_;
};

template <typename T>
Matrix<T> operator*(const Matrix<T>& left, const Matrix<T>& right) {
    Matrix<T> result(left.rows(), right.columns());
    for (std::size_t i = 0; i < left.rows(); ++i)
        for (std::size_t j = 0; j < right.columns(); ++j)
            for (std::size_t k = 0; k < left.columns(); ++k) result(i, j) += left(i, k) * right(k, j);
    return result;
}

class Solver {
public:
    explicit Solver(double tolerance = 1e-9) : tolerance_(tolerance) {}
    std::vector<double> solve(Matrix<double> matrix, std::vector<double> right) const {
        for (std::size_t i = 0; i < matrix.rows(); ++i) {
            if (matrix(i, i) < tolerance_) throw std::domain_error("singular");
            right[i] /= matrix(i, i);
        }
        return right;
    }

private:
    double tolerance_;
};

}  // namespace algebra
