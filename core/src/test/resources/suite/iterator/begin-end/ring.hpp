#pragma once
#include <array>
#include <cstddef>
class Ring {
public:
    class Walk {
    public:
        Walk(const Ring* ring, std::size_t at) : ring_(ring), at_(at) {}
        int operator*() const { return ring_->items_[at_]; }
        Walk& operator++() { ++at_; return *this; }
        bool operator!=(const Walk& other) const { return at_ != other.at_; }
    private:
        const Ring* ring_;
        std::size_t at_;
    };
    Walk begin() const { return Walk(this, 0); }
    Walk end() const { return Walk(this, items_.size()); }
private:
    std::array<int, 4> items_{};
};
inline int sum(const Ring& ring) { int s = 0; for (int i : ring) s += i; return s; }
