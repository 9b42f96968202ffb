#include "doc.h"

#include <algorithm>

namespace editor {

void Document::insert(std::string_view what) {
    text_.insert(caret_, what);
    caret_ += what.size();
    changed();
}

void Document::erase(std::size_t count) {
    const auto from = caret_ > count ? caret_ - count : 0;
    text_.erase(from, caret_ - from);
    caret_ = from;
    changed();
}

void Document::restore(const Snapshot& from) {
    text_ = from.text_;
    caret_ = from.caret_;
    changed();
}

std::size_t Document::connect(Listener listener) {
    listeners_.emplace_back(next_, std::move(listener));
    return next_++;
}

void Document::disconnect(std::size_t id) {
    std::erase_if(listeners_, [id](const auto& one) { return one.first == id; });
}

void Document::changed() const {
    for (const auto& [id, listener] : listeners_) listener(text_);
}

void Session::perform(std::unique_ptr<Command> command) {
    history_.push(document_.save());
    command->run(document_);
    done_.push_back(std::move(command));
}

bool Session::undo() {
    if (history_.empty()) return false;
    document_.restore(history_.top());
    history_.pop();
    done_.pop_back();
    return true;
}

}  // namespace editor
