#pragma once
#include <algorithm>
#include <functional>
#include <string>
#include <vector>

class Rota {
public:
    using Order = std::function<bool(const std::string&, const std::string&)>;

    explicit Rota(Order order) : order_(std::move(order)) {}

    void enter(const std::string& name) { names_.push_back(name); }

    std::vector<std::string> watches() const {
        auto sorted = names_;
        std::sort(sorted.begin(), sorted.end(), order_);
        return sorted;
    }

private:
    Order order_;
    std::vector<std::string> names_;
};
