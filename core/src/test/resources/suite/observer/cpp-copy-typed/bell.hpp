#pragma once
#include <functional>
#include <string>
#include <vector>
class Bell {
public:
    void onRing(std::function<void(const std::string&)> handler) { handlers_.push_back(std::move(handler)); }
    void ring(const std::string& why) {
        std::vector<std::function<void(const std::string&)>> copy = handlers_;
        for (const std::function<void(const std::string&)>& handler : copy) handler(why);
    }
private:
    std::vector<std::function<void(const std::string&)>> handlers_;
};
