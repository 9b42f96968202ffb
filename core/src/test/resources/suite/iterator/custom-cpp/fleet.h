#pragma once
#include <cstddef>
#include <string>
#include <vector>

class Fleet {
public:
    class Cursor {
    public:
        explicit Cursor(const Fleet& fleet) : fleet_(fleet) {}
        bool hasNext() const { return index_ < fleet_.names_.size(); }
        const std::string& next() { return fleet_.names_[index_++]; }
    private:
        const Fleet& fleet_;
        std::size_t index_ = 0;
    };

    void add(std::string name) { names_.push_back(std::move(name)); }
    Cursor cursor() const { return Cursor(*this); }

private:
    std::vector<std::string> names_;
};
