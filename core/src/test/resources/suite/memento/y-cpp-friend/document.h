#pragma once
#include <memory>
#include <string>
#include <vector>

class Document;

class DocumentState {
    friend class Document;
    DocumentState(std::string text, std::size_t cursor) : text_(std::move(text)), cursor_(cursor) {}
    const std::string text_;
    const std::size_t cursor_;
};

class Document {
public:
    void write(const std::string& words) {
        text_ += words;
        cursor_ = text_.size();
    }

    std::shared_ptr<DocumentState> snapshot() const {
        return std::shared_ptr<DocumentState>(new DocumentState(text_, cursor_));
    }

    void restore(const DocumentState& state) {
        text_ = state.text_;
        cursor_ = state.cursor_;
    }

    const std::string& text() const { return text_; }

private:
    std::string text_;
    std::size_t cursor_ = 0;
};

class Timeline {
public:
    explicit Timeline(Document& document) : document_(document) {}

    void save() { states_.push_back(document_.snapshot()); }

    bool back() {
        if (states_.empty()) return false;
        document_.restore(*states_.back());
        states_.pop_back();
        return true;
    }

private:
    Document& document_;
    std::vector<std::shared_ptr<DocumentState>> states_;
};
