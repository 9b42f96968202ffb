#include "sorter.h"

void evening(const std::vector<Letter>& letters) {
    ByTown town;
    ByWeight weight;
    Frame frame(town);
    frame.sort(letters);
    frame.use(weight);
    frame.sort(letters);
}
