#include "drawing.h"
#include <stack>

class Desk {
public:
    explicit Desk(Drawing& drawing) : drawing_(drawing) {}

    void draw(const std::string& line) {
        undo_.push(drawing_.save());
        drawing_.stroke(line);
    }

    void undo() {
        if (undo_.empty()) return;
        drawing_.restore(*undo_.top());
        undo_.pop();
    }

private:
    Drawing& drawing_;
    std::stack<std::unique_ptr<Drawing::Snapshot>> undo_;
};
