#pragma once
#include <functional>
#include <vector>

struct Box { int weight; int height; };

class Stowage {
public:
    using Order = std::function<bool(const Box&, const Box&)>;

    explicit Stowage(Order order) : order_(std::move(order)) {}
    void orderBy(Order order) { order_ = std::move(order); }
    void stow(std::vector<Box>& boxes) const {
        for (std::size_t i = 1; i < boxes.size(); ++i)
            if (order_(boxes[i], boxes[i - 1])) std::swap(boxes[i], boxes[i - 1]);
    }
private:
    Order order_;
};
