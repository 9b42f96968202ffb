#pragma once
#include <cstddef>

struct BellListener {
    virtual ~BellListener() = default;
    virtual void rung(int times) = 0;
};

class Bell {
public:
    void add(BellListener* listener) { listeners_[count_++] = listener; }
    void first(std::size_t at) {
        BellListener* before = listeners_[0];
        listeners_[0] = listeners_[at];
        listeners_[at] = before;
    }
    void ring(int times) {
        rung_ += times;
        for (std::size_t i = 0; i < count_; ++i) listeners_[i]->rung(times);
    }

private:
    BellListener* listeners_[8] = {};
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
