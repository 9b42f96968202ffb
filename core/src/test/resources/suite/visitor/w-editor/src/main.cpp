#include "visitors.h"
#include <iostream>

int main() {
    sketch::Group page;
    page.add(std::make_unique<sketch::Circle>(0, 0, 2));
    page.add(std::make_unique<sketch::Box>(1, 1, 3, 4));
    auto copy = page.clone();
    copy->move(5, 5);
    sketch::AreaSum area;
    copy->accept(area);
    sketch::Writer writer(std::cout);
    page.accept(writer);
    std::cout << area.sum() << '\n';
}
