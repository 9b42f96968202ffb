#include "figure.h"

namespace sketch {

Group::Group(const Group& other) {
    for (const auto& figure : other.figures_) {
        figures_.push_back(figure->clone());
    }
}

void Group::add(std::unique_ptr<Figure> figure) {
    figures_.push_back(std::move(figure));
}

void Group::accept(FigureVisitor& visitor) const {
    visitor.visit(*this);
}

std::unique_ptr<Figure> Group::clone() const {
    return std::make_unique<Group>(*this);
}

void Group::move(double dx, double dy) {
    for (auto& figure : figures_) figure->move(dx, dy);
}

}
