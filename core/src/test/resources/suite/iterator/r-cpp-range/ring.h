#pragma once
#include <array>
#include <cstddef>

template <typename T, std::size_t N>
class Ring {
public:
    class Iterator {
    public:
        Iterator(const Ring& ring, std::size_t at) : ring_(ring), at_(at) {}
        const T& operator*() const { return ring_.items_[(ring_.first_ + at_) % N]; }
        Iterator& operator++() { ++at_; return *this; }
        bool operator!=(const Iterator& other) const { return at_ != other.at_; }

    private:
        const Ring& ring_;
        std::size_t at_;
    };

    void push(T item) {
        items_[(first_ + size_) % N] = item;
        if (size_ < N) ++size_; else first_ = (first_ + 1) % N;
    }

    Iterator begin() const { return Iterator(*this, 0); }
    Iterator end() const { return Iterator(*this, size_); }

private:
    std::array<T, N> items_{};
    std::size_t first_ = 0;
    std::size_t size_ = 0;
};
