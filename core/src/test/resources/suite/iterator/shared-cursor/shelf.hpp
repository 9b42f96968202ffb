#ifndef ALDERA_SHELF_HPP
#define ALDERA_SHELF_HPP

#include <string>
#include <vector>

class Shelf;

class ShelfWalk {
public:
    explicit ShelfWalk(Shelf& shelf) : shelf_(shelf) {}
    bool more() const;
    const std::string& take();

private:
    Shelf& shelf_;
};

class Shelf {
public:
    void put(const std::string& tin) { tins_.push_back(tin); }
    ShelfWalk walk() { at_ = 0; return ShelfWalk(*this); }

private:
    friend class ShelfWalk;
    std::vector<std::string> tins_;
    std::size_t at_ = 0;
};

#endif
