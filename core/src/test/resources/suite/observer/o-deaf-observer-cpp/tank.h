#pragma once
#include <algorithm>
#include <vector>

class LevelListener {
public:
    virtual ~LevelListener() = default;
    virtual void levelChanged(double level) = 0;
};

class Tank {
public:
    void attach(LevelListener* listener) { listeners_.push_back(listener); }
    void detach(LevelListener* listener) {
        listeners_.erase(std::remove(listeners_.begin(), listeners_.end(), listener), listeners_.end());
    }

    void fill(double litres) {
        level_ += litres;
        tell();
    }

    void drain() { level_ = 0; }

private:
    void tell() {
        for (LevelListener* listener : listeners_) {
            listener->levelChanged(level_);
        }
    }

    double level_ = 0;
    std::vector<LevelListener*> listeners_;
};

class Pump : public LevelListener {
public:
    void levelChanged(double level) override { running_ = level < 20; }

private:
    bool running_ = false;
};

class OldSiren : public LevelListener {
public:
    void levelChanged(double) override {}
};
