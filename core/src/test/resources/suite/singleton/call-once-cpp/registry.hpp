#pragma once
#include <map>
#include <memory>
#include <mutex>
#include <string>

class Registry {
public:
    static Registry& get();
    Registry(const Registry&) = delete;
    Registry& operator=(const Registry&) = delete;
    void enter(const std::string& name, int berth) { berths_[name] = berth; }
    int berth(const std::string& name) const { return berths_.at(name); }

private:
    Registry() = default;
    static std::unique_ptr<Registry> instance_;
    static std::once_flag made_;
    std::map<std::string, int> berths_;
};
