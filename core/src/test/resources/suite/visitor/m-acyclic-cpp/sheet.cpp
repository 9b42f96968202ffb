#include "shapes.h"

class Sheet {
public:
    double area() {
        AreaVisitor visitor;
        for (auto& shape : shapes_) {
            shape->accept(visitor);
        }
        return visitor.area();
    }

private:
    std::vector<std::unique_ptr<Shape>> shapes_;
};
