#pragma once
#include <string>
#include <vector>

struct ByLength {
    bool before(const std::string& a, const std::string& b) const { return a.size() < b.size(); }
};

struct ByName {
    bool before(const std::string& a, const std::string& b) const { return a < b; }
};

template <typename Order>
class Rota {
public:
    explicit Rota(Order order) : order_(order) {}

    void enter(const std::string& name) { names_.push_back(name); }

    std::string first() const {
        std::string best = names_.front();
        for (const auto& name : names_) {
            if (order_.before(name, best)) {
                best = name;
            }
        }
        return best;
    }

private:
    Order order_;
    std::vector<std::string> names_;
};
