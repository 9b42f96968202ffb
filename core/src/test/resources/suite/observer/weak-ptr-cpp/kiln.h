#pragma once
#include <memory>
#include <vector>

struct KilnListener {
    virtual ~KilnListener() = default;
    virtual void heated(int degrees) = 0;
};

class Kiln {
public:
    void subscribe(const std::shared_ptr<KilnListener>& listener);
    void unsubscribe(const std::shared_ptr<KilnListener>& listener);
    void fire(int degrees);

private:
    std::vector<std::weak_ptr<KilnListener>> listeners_;
    int degrees_{0};
};

class Alarm : public KilnListener {
public:
    void heated(int degrees) override { if (degrees > 1300) ringing_ = true; }

private:
    bool ringing_ = false;
};

class Chart final : public KilnListener {
public:
    void heated(int degrees) override { points_.push_back(degrees); }

private:
    std::vector<int> points_;
};
