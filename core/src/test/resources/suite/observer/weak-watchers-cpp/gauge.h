#pragma once
#include <memory>
#include <vector>

class Watcher {
public:
    virtual ~Watcher() = default;
    virtual void rose(double metres) = 0;
};

class Gauge {
public:
    void join(const std::shared_ptr<Watcher>& watcher) { watchers_.push_back(watcher); }
    void leave(const std::shared_ptr<Watcher>& watcher);
    void measure(double level);

private:
    std::vector<std::weak_ptr<Watcher>> watchers_;
    double level_ = 0;
};
