#include "shelf.h"

int longest(const Shelf& shelf) {
    std::size_t most = 0;
    for (const Book& book : shelf.walk()) {
        most = std::max(most, book.title().size());
    }
    return static_cast<int>(most);
}
