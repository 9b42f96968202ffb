#pragma once
#include <array>
#include <cstddef>
#include <mutex>
#include <stdexcept>

template <typename T, std::size_t N>
class Ring {
public:
    bool push(const T& value) {
        if (count_ == N) return false;
        items_[(head_ + count_++) % N] = value;
        return true;
    }
    T pop() {
        if (count_ == 0) throw std::out_of_range("empty ring");
        T value = items_[head_];
        head_ = (head_ + 1) % N;
        --count_;
        return value;
    }
    std::size_t size() const { return count_; }

private:
    std::array<T, N> items_{};
    std::size_t head_ = 0;
    std::size_t count_ = 0;
};

class Guard {
public:
    explicit Guard(std::mutex& m) : mutex_(m) { mutex_.lock(); }
    ~Guard() { mutex_.unlock(); }
    Guard(const Guard&) = delete;
    Guard& operator=(const Guard&) = delete;

private:
    std::mutex& mutex_;
};

struct Vec {
    double x = 0, y = 0;
    Vec operator+(const Vec& o) const { return {x + o.x, y + o.y}; }
    Vec operator*(double k) const { return {x * k, y * k}; }
};

class SoundingLog {
public:
    void add(double metres) {
        Guard guard(mutex_);
        ring_.push(metres);
    }
    double mean() {
        Guard guard(mutex_);
        double sum = 0;
        std::size_t n = ring_.size();
        for (std::size_t i = 0; i < n; ++i) {
            double v = ring_.pop();
            sum += v;
            ring_.push(v);
        }
        return n ? sum / n : 0;
    }

private:
    std::mutex mutex_;
    Ring<double, 64> ring_;
};
