#pragma once
#include <functional>
#include <string>
#include <vector>

using Before = std::function<bool(const std::string&, const std::string&)>;

class Sorter {
public:
    explicit Sorter(Before before) : before_(std::move(before)) {}
    void use(Before before) { before_ = std::move(before); }
    void sort(std::vector<std::string>& words) const;

private:
    Before before_;
};
