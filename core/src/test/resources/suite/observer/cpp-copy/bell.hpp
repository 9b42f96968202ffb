#pragma once
#include <functional>
#include <mutex>
#include <string>
#include <vector>
class Bell {
public:
    using Handler = std::function<void(const std::string&)>;
    void onRing(Handler handler) { std::lock_guard<std::mutex> g(m_); handlers_.push_back(std::move(handler)); }
    void clear() { handlers_.clear(); }
    void ring(const std::string& why) {
        std::vector<Handler> copy;
        {
            std::lock_guard<std::mutex> g(m_);
            copy = handlers_;
        }
        for (auto& handler : copy) handler(why);
    }
private:
    std::mutex m_;
    std::vector<Handler> handlers_;
};
