#pragma once
#include <map>
#include <string>

class Registry {
public:
    static Registry& instance() { return only_; }

    void enter(const std::string& name, int length) { ships_[name] = length; }
    int length(const std::string& name) const { return ships_.at(name); }

    Registry(const Registry&) = delete;
    Registry& operator=(const Registry&) = delete;

private:
    Registry() = default;
    static Registry only_;
    std::map<std::string, int> ships_;
};
