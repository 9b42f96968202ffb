#pragma once
#include <string>
class PortConfig {
public:
    static PortConfig& instance() {
        static PortConfig config;
        return config;
    }
    std::string name() const { return name_; }
    void rename(const std::string& name) { name_ = name; ++renames; }
    static int renames;
private:
    PortConfig() = default;
    std::string name_ = "Aldera";
};
