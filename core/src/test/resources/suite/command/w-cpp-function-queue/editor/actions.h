#pragma once
#include <functional>
#include <memory>
#include <stack>
#include <string>

class Document {
public:
    void insert(std::size_t at, const std::string& text) { body_.insert(at, text); }
    void erase(std::size_t at, std::size_t count) { body_.erase(at, count); }
    const std::string& body() const { return body_; }

private:
    std::string body_;
};

class Edit {
public:
    virtual ~Edit() = default;
    virtual void apply() = 0;
    virtual void revert() = 0;
};

class Insertion : public Edit {
public:
    Insertion(Document& document, std::size_t at, std::string text)
        : document_(document), at_(at), text_(std::move(text)) {}
    void apply() override { document_.insert(at_, text_); }
    void revert() override { document_.erase(at_, text_.size()); }

private:
    Document& document_;
    std::size_t at_;
    std::string text_;
};

class Deletion : public Edit {
public:
    Deletion(Document& document, std::size_t at, std::size_t count)
        : document_(document), at_(at), count_(count) {}
    void apply() override {
        taken_ = document_.body().substr(at_, count_);
        document_.erase(at_, count_);
    }
    void revert() override {}

private:
    Document& document_;
    std::size_t at_;
    std::size_t count_;
    std::string taken_;
};

class History {
public:
    void perform(std::unique_ptr<Edit> edit);
    void undo();

private:
    std::stack<std::unique_ptr<Edit>> done_;
};
