#include "tasks.h"
#include <iostream>

void SingleTask::print(int depth) const { std::cout << std::string(depth, ' ') << name_ << '\n'; }

void TaskGroup::print(int depth) const {
    for (const auto& task : tasks_) {
        task->print(depth + 2);
    }
}
