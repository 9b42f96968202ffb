#pragma once
#include <initializer_list>
#include <stdexcept>
#include <vector>

namespace la {

class Matrix {
public:
    Matrix(std::size_t rows, std::size_t columns, double fill = 0);
    Matrix(std::initializer_list<std::initializer_list<double>> values);

    static Matrix identity(std::size_t size);

    double& at(std::size_t row, std::size_t column) { return values_[row * columns_ + column]; }
    double at(std::size_t row, std::size_t column) const { return values_[row * columns_ + column]; }
    std::size_t rows() const { return rows_; }
    std::size_t columns() const { return columns_; }

    Matrix transposed() const;
    Matrix& operator+=(const Matrix& other);
    friend Matrix operator*(const Matrix& left, const Matrix& right);

private:
    std::size_t rows_;
    std::size_t columns_;
    std::vector<double> values_;
};

class Solver {
public:
    explicit Solver(Matrix a) : a_(std::move(a)) {}
    std::vector<double> solve(std::vector<double> b);
    int steps() const { return steps_; }

private:
    void eliminate(std::size_t pivot, std::vector<double>& b);
    Matrix a_;
    int steps_ = 0;
};

}
