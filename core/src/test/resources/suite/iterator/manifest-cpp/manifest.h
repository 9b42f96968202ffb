#pragma once
#include <cstddef>
#include <string>
#include <vector>

class Manifest {
public:
    class Cursor {
    public:
        Cursor(const Manifest& of, std::size_t at) : of_(&of), at_(at) {}
        const std::string& operator*() const { return of_->lines_[at_]; }
        Cursor& operator++() { ++at_; return *this; }
        bool operator!=(const Cursor& other) const { return at_ != other.at_; }
    private:
        const Manifest* of_;
        std::size_t at_;
    };

    void add(std::string line) { lines_.push_back(std::move(line)); }
    Cursor begin() const { return Cursor(*this, 0); }
    Cursor end() const { return Cursor(*this, lines_.size()); }

private:
    std::vector<std::string> lines_;
};
