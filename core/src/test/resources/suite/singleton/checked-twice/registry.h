#pragma once
#include <atomic>
#include <map>
#include <mutex>
#include <string>

class Registry {
public:
    static Registry* instance();
    void enter(const std::string& name, int length) { ships_[name] = length; }

private:
    Registry() = default;
    static std::atomic<Registry*> only_;
    static std::mutex lock_;
    std::map<std::string, int> ships_;
};
