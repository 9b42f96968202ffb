#pragma once
#include <functional>
#include <queue>

class Crane {
public:
    void lift(int tons) { load_ += tons; }
    void release() { load_ = 0; }
private:
    int load_ = 0;
};

class JobQueue {
public:
    void add(std::function<void()> job) { jobs_.push(std::move(job)); }
    void run() {
        while (!jobs_.empty()) {
            auto job = jobs_.front();
            jobs_.pop();
            job();
        }
    }
private:
    std::queue<std::function<void()>> jobs_;
};
