#include "geo.hpp"
#include <sstream>
namespace geo {
std::unique_ptr<Area> Area::parse(const std::string& text) {
    std::istringstream in(text);
    std::string kind; double a, b, c, d;
    in >> kind >> a >> b >> c;
    if (kind == "circle") return std::make_unique<Circle>(Point{a, b}, c);
    if (kind == "box" && in >> d) return std::make_unique<Box>(Point{a, b}, Point{c, d});
    throw std::runtime_error("no area: " + text);
}
}
int main() {
    geo::Zone zone;
    zone.add(geo::Area::parse("circle 0 0 3"));
    zone.add(geo::Area::parse("box 0 0 2 2"));
    geo::Outline outline;
    outline.to({0, 0}).to({1, 1});
    return zone.contains({1, 1}) + (int) outline.length();
}
