#pragma once
#include <memory>
#include <numeric>
#include <string>
#include <vector>

class Load {
public:
    virtual ~Load() = default;
    virtual int tons() const = 0;
};

class Sack : public Load {
public:
    explicit Sack(int tons) : tons_(tons) {}
    int tons() const override { return tons_; }

private:
    int tons_;
};

class Pallet : public Load {
public:
    void put(std::unique_ptr<Load> load) { loads_.push_back(std::move(load)); }
    int tons() const override {
        return std::accumulate(loads_.begin(), loads_.end(), 0,
                               [](int sum, const std::unique_ptr<Load>& load) { return sum + load->tons(); });
    }

private:
    std::vector<std::unique_ptr<Load>> loads_;
};
