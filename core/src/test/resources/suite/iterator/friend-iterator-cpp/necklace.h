#pragma once
#include <array>
#include <cstddef>

class Bead {
public:
    explicit Bead(int colour = 0) : colour_(colour) {}
    int colour() const { return colour_; }

private:
    int colour_;
};

class Necklace {
public:
    class Walk {
    public:
        Bead operator*() const { return necklace_.beads_[at_]; }
        Walk& operator++() {
            ++at_;
            return *this;
        }
        bool operator!=(const Walk& other) const { return at_ != other.at_; }

    private:
        friend class Necklace;
        Walk(const Necklace& necklace, std::size_t at) : necklace_(necklace), at_(at) {}
        const Necklace& necklace_;
        std::size_t at_;
    };

    Walk begin() const { return Walk(*this, 0); }
    Walk end() const { return {*this, count_}; }
    void thread(Bead bead) { beads_[count_++] = bead; }

private:
    std::array<Bead, 60> beads_;
    std::size_t count_ = 0;
};
