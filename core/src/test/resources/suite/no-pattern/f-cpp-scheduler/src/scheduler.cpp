#include "scheduler.hpp"

#include <algorithm>

namespace aldera::cranes {

void Task::run() {
  prepare();
  work();
  cleanUp();
}

void LoadTask::prepare() {
  if (boxes_ <= 0) boxes_ = 1;
}

void LoadTask::work() {
  while (boxes_ > 0) --boxes_;
}

void GreaseTask::work() { --cans_; }

void Scheduler::submit(std::unique_ptr<Task> task) {
  std::lock_guard<std::mutex> lock(mutex_);
  ++counts_[task->name()];
  heap_.push_back(std::move(task));
  std::push_heap(heap_.begin(), heap_.end(), ByPriority{});
}

bool Scheduler::runNext() {
  std::unique_ptr<Task> next;
  {
    std::lock_guard<std::mutex> lock(mutex_);
    if (heap_.empty()) return false;
    std::pop_heap(heap_.begin(), heap_.end(), ByPriority{});
    next = std::move(heap_.back());
    heap_.pop_back();
  }
  next->run();
  return true;
}

size_t Scheduler::pending() const {
  std::lock_guard<std::mutex> lock(mutex_);
  return heap_.size();
}

}  // namespace aldera::cranes
