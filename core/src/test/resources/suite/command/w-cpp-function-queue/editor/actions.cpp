#include "actions.h"

void History::perform(std::unique_ptr<Edit> edit) {
    edit->apply();
    done_.push(std::move(edit));
}

void History::undo() {
    if (done_.empty()) return;
    done_.top()->revert();
    done_.pop();
}
