#pragma once

#include <chrono>
#include <functional>
#include <memory>
#include <mutex>
#include <queue>
#include <string>
#include <unordered_map>
#include <vector>

namespace aldera::cranes {

enum class Priority { low, normal, high };

class Task {
 public:
  using Clock = std::chrono::steady_clock;

  explicit Task(std::string name, Priority priority = Priority::normal)
      : name_(std::move(name)), priority_(priority), created_(Clock::now()) {}
  virtual ~Task() = default;
  Task(const Task&) = delete;
  Task& operator=(const Task&) = delete;

  [[nodiscard]] const std::string& name() const noexcept { return name_; }
  [[nodiscard]] Priority priority() const noexcept { return priority_; }
  void run();

 protected:
  virtual void prepare() {}
  virtual void work() = 0;
  virtual void cleanUp() noexcept {}

 private:
  std::string name_;
  Priority priority_;
  Clock::time_point created_;
};

class LoadTask final : public Task {
 public:
  LoadTask(std::string name, int boxes) : Task(std::move(name), Priority::high), boxes_(boxes) {}

 protected:
  void prepare() override;
  void work() override;

 private:
  int boxes_;
};

class GreaseTask final : public Task {
 public:
  using Task::Task;

 protected:
  void work() override;
  void cleanUp() noexcept override { cans_ = 0; }

 private:
  int cans_ = 3;
};

struct ByPriority {
  bool operator()(const std::unique_ptr<Task>& a, const std::unique_ptr<Task>& b) const {
    return a->priority() < b->priority();
  }
};

class Scheduler {
 public:
  void submit(std::unique_ptr<Task> task);
  bool runNext();
  size_t pending() const;

 private:
  mutable std::mutex mutex_;
  std::vector<std::unique_ptr<Task>> heap_;
  std::unordered_map<std::string, int> counts_;
};

}  // namespace aldera::cranes
