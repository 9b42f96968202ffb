#pragma once
#include <functional>
#include <memory>
#include <stack>
#include <string>
#include <string_view>
#include <vector>

namespace editor {

class Snapshot {
    friend class Document;
    std::string text_;
    std::size_t caret_;
    Snapshot(std::string text, std::size_t caret) : text_(std::move(text)), caret_(caret) {}
};

class Document {
public:
    using Listener = std::function<void(std::string_view)>;

    void insert(std::string_view what);
    void erase(std::size_t count);
    Snapshot save() const { return Snapshot(text_, caret_); }
    void restore(const Snapshot& from);
    std::size_t connect(Listener listener);
    void disconnect(std::size_t id);
    const std::string& text() const noexcept { return text_; }

private:
    void changed() const;

    std::string text_;
    std::size_t caret_ = 0;
    std::vector<std::pair<std::size_t, Listener>> listeners_;
    std::size_t next_ = 1;
};

class Command {
public:
    virtual ~Command() = default;
    virtual void run(Document& document) = 0;
};

class Insert final : public Command {
public:
    explicit Insert(std::string what) : what_(std::move(what)) {}
    void run(Document& document) override { document.insert(what_); }

private:
    std::string what_;
};

class Erase final : public Command {
public:
    explicit Erase(std::size_t count) : count_(count) {}
    void run(Document& document) override { document.erase(count_); }

private:
    std::size_t count_;
};

class Session {
public:
    explicit Session(Document& document) : document_(document) {}
    void perform(std::unique_ptr<Command> command);
    bool undo();

private:
    Document& document_;
    std::stack<Snapshot> history_;
    std::vector<std::unique_ptr<Command>> done_;
};

}  // namespace editor
