#pragma once
#include <functional>
#include <map>

class Tide {
public:
    using Handler = std::function<void(double)>;

    int subscribe(Handler h) {
        handlers_[next_] = std::move(h);
        return next_++;
    }
    void unsubscribe(int id) { handlers_.erase(id); }
    void turn(double metres) {
        metres_ = metres;
        for (auto& entry : handlers_) {
            entry.second(metres_);
        }
    }

private:
    std::map<int, Handler> handlers_;
    int next_ = 0;
    double metres_ = 0;
};
