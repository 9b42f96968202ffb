#pragma once
#include <string>
#include <vector>

class Locker {
public:
    using const_iterator = std::vector<std::string>::const_iterator;

    void put(const std::string& what) { things_.push_back(what); }
    const_iterator begin() const { return things_.begin(); }
    const_iterator end() const { return things_.end(); }

private:
    std::vector<std::string> things_;
};
