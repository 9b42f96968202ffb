#include <functional>
#include <vector>
class Mast {
public:
    void onSignal(std::function<void(int)> handler) { handlers_.push_back(handler); }
    void raise(int flag) {
        flag_ = flag;
        for (auto& handler : handlers_) {
            handler(flag);
        }
    }
private:
    std::vector<std::function<void(int)>> handlers_;
    int flag_ = 0;
};
class Watch {
public:
    void begin(Mast& mast) { mast.onSignal([this](int flag) { last_ = flag; }); }
private:
    int last_ = 0;
};
