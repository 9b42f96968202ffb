#pragma once
#include <cstddef>
#include <string>
#include <utility>
#include <vector>

class Shelf {
public:
    class Cursor {
    public:
        Cursor(const Shelf* shelf, std::size_t at) : shelf_(shelf), at_(at) {}
        const std::string& operator*() const { return shelf_->books_[at_]; }
        Cursor& operator++() { ++at_; return *this; }
        bool operator!=(const Cursor& other) const { return at_ != other.at_; }

    private:
        const Shelf* shelf_;
        std::size_t at_;
    };

    void put(std::string book) { books_.push_back(std::move(book)); }
    Cursor begin() const { return Cursor(this, 0); }
    Cursor end() const { return Cursor(this, books_.size()); }

private:
    std::vector<std::string> books_;
};
