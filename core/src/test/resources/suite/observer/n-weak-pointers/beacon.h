#pragma once
#include <algorithm>
#include <memory>
#include <vector>

class Listener {
public:
    virtual ~Listener() = default;
    virtual void flashed(int colour) = 0;
};

class Beacon {
public:
    void add(const std::shared_ptr<Listener>& listener) { listeners_.push_back(listener); }

    void flash(int colour) {
        for (const auto& weak : listeners_) {
            if (auto listener = weak.lock()) {
                listener->flashed(colour);
            }
        }
        listeners_.erase(std::remove_if(listeners_.begin(), listeners_.end(),
                                        [](const std::weak_ptr<Listener>& one) { return one.expired(); }),
                         listeners_.end());
    }

private:
    std::vector<std::weak_ptr<Listener>> listeners_;
};

class Helm : public Listener {
public:
    void flashed(int colour) override { course_ += colour; }

private:
    int course_ = 0;
};

class Log : public Listener {
public:
    void flashed(int colour) override { seen_.push_back(colour); }

private:
    std::vector<int> seen_;
};
