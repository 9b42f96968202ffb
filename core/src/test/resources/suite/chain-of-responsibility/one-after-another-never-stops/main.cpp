#include "inspect.h"

int main() {
    auto first = std::make_shared<aldera::Weigher>();
    first->followedBy(std::make_shared<aldera::SealReader>());
    aldera::Crate c{12.5, "AL-4"};
    first->look(c);
    return c.marks;
}
