#pragma once
#include <algorithm>
#include <vector>

class BuoyListener {
public:
    virtual ~BuoyListener() = default;
    virtual void drifted(double metres) = 0;
};

class Buoy {
public:
    void subscribe(BuoyListener* listener) { listeners_.push_back(listener); }
    void unsubscribe(BuoyListener* listener) {
        listeners_.erase(std::remove(listeners_.begin(), listeners_.end(), listener), listeners_.end());
    }
    void drift(double metres) {
        moved_ += metres;
        if (moved_ > 5) {
            for (auto* listener : listeners_) listener->drifted(moved_);
        }
    }
    void reset() { moved_ = 0; }
private:
    double moved_ = 0;
    std::vector<BuoyListener*> listeners_;
};

class CoastGuard : public BuoyListener {
public:
    explicit CoastGuard(Buoy& buoy) : buoy_(buoy) { buoy_.subscribe(this); }
    ~CoastGuard() override { buoy_.unsubscribe(this); }
    void drifted(double metres) override { if (metres > 50) ++alarms_; }
private:
    Buoy& buoy_;
    int alarms_ = 0;
};

class Chart : public BuoyListener {
public:
    void drifted(double) override {}
};
