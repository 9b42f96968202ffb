#pragma once
#include <string>
#include <utility>
#include <vector>
class Pad {
public:
    class State {
        friend class Pad;
        std::string text_; std::size_t cursor_;
        State(std::string text, std::size_t cursor) : text_(std::move(text)), cursor_(cursor) {}
    };
    void type(const std::string& s) { text_.insert(cursor_, s); cursor_ += s.size(); }
    void home() { cursor_ = 0; }
    State save() const { return State(text_, cursor_); }
    void restore(const State& state) { text_ = state.text_; cursor_ = state.cursor_; }
private:
    std::string text_; std::size_t cursor_ = 0;
};
class History {
public:
    explicit History(Pad& pad) : pad_(pad) {}
    void keep() { states_.push_back(pad_.save()); }
    void undo() { if (states_.empty()) return; pad_.restore(states_.back()); states_.pop_back(); }
private:
    Pad& pad_; std::vector<Pad::State> states_;
};
