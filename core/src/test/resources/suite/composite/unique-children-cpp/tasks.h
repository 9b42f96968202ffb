#pragma once
#include <memory>
#include <string>
#include <vector>

class Task {
public:
    virtual ~Task() = default;
    virtual int minutes() const = 0;
    virtual void print(int depth) const = 0;
};

class SingleTask final : public Task {
public:
    SingleTask(std::string name, int minutes) : name_(std::move(name)), minutes_(minutes) {}
    int minutes() const override { return minutes_; }
    void print(int depth) const override;

private:
    std::string name_;
    int minutes_;
};

class TaskGroup final : public Task {
public:
    TaskGroup& add(std::unique_ptr<Task> task) {
        tasks_.push_back(std::move(task));
        return *this;
    }
    int minutes() const override {
        int sum = 0;
        for (const auto& task : tasks_) {
            sum += task->minutes();
        }
        return sum;
    }
    void print(int depth) const override;

private:
    std::vector<std::unique_ptr<Task>> tasks_;
};
