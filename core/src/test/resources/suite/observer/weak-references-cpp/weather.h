#pragma once
#include <algorithm>
#include <memory>
#include <vector>

class WindListener {
public:
    virtual ~WindListener() = default;
    virtual void windIs(int beaufort) = 0;
};

class Anemometer {
public:
    void join(const std::shared_ptr<WindListener>& listener) { listeners_.push_back(listener); }

    void measure(int beaufort) {
        beaufort_ = beaufort;
        listeners_.erase(std::remove_if(listeners_.begin(), listeners_.end(),
                                        [](const std::weak_ptr<WindListener>& one) { return one.expired(); }),
                         listeners_.end());
        for (const auto& weak : listeners_) {
            if (auto listener = weak.lock()) {
                listener->windIs(beaufort_);
            }
        }
    }

private:
    std::vector<std::weak_ptr<WindListener>> listeners_;
    int beaufort_ = 0;
};

class CraneBrake : public WindListener {
public:
    void windIs(int beaufort) override { locked_ = beaufort > 7; }
    bool locked() const { return locked_; }

private:
    bool locked_ = false;
};

class YachtFlag : public WindListener {
public:
    void windIs(int beaufort) override { red_ = beaufort > 5; }

private:
    bool red_ = false;
};
