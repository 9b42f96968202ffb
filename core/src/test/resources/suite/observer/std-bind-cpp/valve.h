#pragma once
#include <functional>
#include <vector>

class Valve {
public:
    using Handler = std::function<void(int)>;

    void onTurn(Handler handler) { handlers_.push_back(std::move(handler)); }

    void turn(int degrees) {
        angle_ += degrees;
        for (auto& handler : handlers_) {
            handler(angle_);
        }
    }

private:
    std::vector<Handler> handlers_;
    int angle_ = 0;
};

class Dial {
public:
    explicit Dial(Valve& valve) { valve.onTurn(std::bind(&Dial::show, this, std::placeholders::_1)); }
    void show(int angle) { shown_ = angle; }

private:
    int shown_ = 0;
};
