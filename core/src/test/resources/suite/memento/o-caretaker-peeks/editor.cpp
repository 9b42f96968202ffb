#include "editor.hpp"

void Editor::type(const std::string& words) {
    text_.insert(cursor_, words);
    cursor_ += words.size();
    dirty_ = true;
}

std::unique_ptr<Snapshot> Editor::save() const {
    auto snapshot = std::make_unique<Snapshot>();
    snapshot->text = text_;
    snapshot->cursor = cursor_;
    return snapshot;
}

void Editor::restore(const Snapshot& snapshot) {
    text_ = snapshot.text;
    cursor_ = snapshot.cursor;
}
