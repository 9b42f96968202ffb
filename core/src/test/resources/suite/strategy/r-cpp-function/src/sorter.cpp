#include "sorter.h"

void Sorter::sort(std::vector<std::string>& words) const {
    if (!before_) return;
    for (std::size_t i = 1; i < words.size(); ++i)
        for (std::size_t j = i; j > 0 && before_(words[j], words[j - 1]); --j)
            std::swap(words[j], words[j - 1]);
}
