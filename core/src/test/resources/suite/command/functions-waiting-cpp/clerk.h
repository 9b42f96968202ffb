#pragma once
#include <functional>
#include <queue>
#include <string>
#include <vector>

class Board {
public:
    void write(const std::string& line) { lines_.push_back(line); }
    void wipe() { lines_.clear(); }

private:
    std::vector<std::string> lines_;
};

class Clerk {
public:
    void take(std::function<void()> work) { waiting_.push(std::move(work)); }

    void work() {
        while (!waiting_.empty()) {
            waiting_.front()();
            waiting_.pop();
        }
    }

private:
    std::queue<std::function<void()>> waiting_;
};
