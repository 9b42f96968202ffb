#include "shelf.hpp"

class Reader {
public:
    std::size_t letters(const Shelf& shelf) {
        std::size_t sum = 0;
        for (const auto& book : shelf) {
            sum += book.size();
        }
        return sum;
    }
};
