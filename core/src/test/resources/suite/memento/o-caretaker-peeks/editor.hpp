#pragma once
#include <string>
#include <memory>

struct Snapshot {
    std::string text;
    int cursor;
};

class Editor {
public:
    void type(const std::string& words);
    void move(int to) { cursor_ = to; }
    std::unique_ptr<Snapshot> save() const;
    void restore(const Snapshot& snapshot);
private:
    std::string text_;
    int cursor_ = 0;
    bool dirty_ = false;
};
