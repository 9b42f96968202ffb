#pragma once
#include "editor.hpp"
#include <iostream>
#include <vector>

class Undo {
public:
    explicit Undo(Editor& editor) : editor_(editor) {}

    void mark() { kept_.push_back(editor_.save()); }

    void back() {
        if (kept_.empty()) return;
        std::cout << "back to " << kept_.back()->text << "\n";
        editor_.restore(*kept_.back());
        kept_.pop_back();
    }
private:
    Editor& editor_;
    std::vector<std::unique_ptr<Snapshot>> kept_;
};
