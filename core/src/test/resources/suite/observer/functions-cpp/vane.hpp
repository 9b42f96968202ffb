#pragma once
#include <functional>
#include <utility>
#include <vector>

namespace aldera {

class WindVane {
public:
    using Handler = std::function<void(int)>;

    void onTurn(Handler handler) { handlers_.push_back(std::move(handler)); }

    void turn(int degrees) {
        degrees_ = degrees;
        for (auto& handler : handlers_) {
            handler(degrees_);
        }
    }

private:
    int degrees_ = 0;
    std::vector<Handler> handlers_;
};

}
