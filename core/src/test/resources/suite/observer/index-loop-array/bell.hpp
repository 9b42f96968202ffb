#pragma once
#include <array>
#include <cstddef>

struct BellListener {
    virtual ~BellListener() = default;
    virtual void rung(int times) = 0;
};

class Bell {
public:
    bool add(BellListener* listener) {
        if (count_ == listeners_.size()) return false;
        listeners_[count_++] = listener;
        return true;
    }
    void remove(BellListener* listener) {
        for (std::size_t i = 0; i < count_; ++i) {
            if (listeners_[i] == listener) {
                listeners_[i] = listeners_[--count_];
                return;
            }
        }
    }
    void ring(int times) {
        rung_ += times;
        for (std::size_t i = 0; i < count_; ++i) {
            listeners_[i]->rung(times);
        }
    }

private:
    std::array<BellListener*, 8> listeners_{};
    std::size_t count_ = 0;
    int rung_ = 0;
};

class Crew : public BellListener {
public:
    void rung(int times) override { awake_ = times > 2; }

private:
    bool awake_ = false;
};

class Log : public BellListener {
public:
    void rung(int times) override { sum_ += times; }

private:
    int sum_ = 0;
};
