#include "logbook.hpp"
#include <iostream>

bool ForwardCursor::more() const { return at_ < book_.size(); }
const std::string& ForwardCursor::advance() { return book_.at(at_++); }

BackwardCursor::BackwardCursor(const Logbook& book) : book_(book), left_(book.size()) {}
bool BackwardCursor::more() const { return left_ > 0; }
const std::string& BackwardCursor::advance() { return book_.at(--left_); }

void printBackwards(const Logbook& book) {
    auto cursor = book.fromEnd();
    while (cursor.more()) {
        std::cout << cursor.advance() << "\n";
    }
}
