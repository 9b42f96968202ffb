#pragma once
#include <memory>
#include <string>

class Chart {
public:
    virtual ~Chart() = default;
    virtual int depth(int x, int y) = 0;
    virtual std::string name() const = 0;
};

class FullChart : public Chart {
public:
    explicit FullChart(std::string name) : name_(std::move(name)) {}
    int depth(int x, int y) override { return x * y % 40; }
    std::string name() const override { return name_; }

private:
    std::string name_;
};

class LateChart : public Chart {
public:
    explicit LateChart(std::string name) : name_(std::move(name)) {}
    int depth(int x, int y) override { return full().depth(x, y); }
    std::string name() const override { return name_; }

private:
    FullChart& full() {
        if (!full_) {
            full_.emplace(name_);
        }
        return *full_;
    }
    std::string name_;
    std::optional<FullChart> full_;
};
