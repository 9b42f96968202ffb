#pragma once
#include <fstream>
#include <string>

class Link {
public:
    explicit Link(const std::string& path) : path_(path), in_(path) {
        std::getline(in_, head_);
        if (head_.empty()) throw std::runtime_error("nothing in " + path_);
    }
    const std::string& head() const { return head_; }
private:
    std::string path_;
    std::ifstream in_;
    std::string head_;
};
