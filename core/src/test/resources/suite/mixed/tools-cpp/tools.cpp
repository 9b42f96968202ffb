#include <functional>
#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

class Canvas {
public:
    void line(int from, int to) { marks.push_back(to - from); }
    void undoLine() { marks.pop_back(); }
    int size() const { return static_cast<int>(marks.size()); }

private:
    std::vector<int> marks;
};

class Action {
public:
    virtual ~Action() = default;
    virtual void perform() = 0;
    virtual void revert() = 0;
};

class DrawLine final : public Action {
public:
    DrawLine(Canvas& canvas, int from, int to) : canvas(canvas), from(from), to(to) {}
    void perform() override { canvas.line(from, to); }
    void revert() override { canvas.undoLine(); }

private:
    Canvas& canvas;
    int from;
    int to;
};

class Macro final : public Action {
public:
    void add(std::unique_ptr<Action> action) { actions.push_back(std::move(action)); }
    void perform() override {
        for (auto& action : actions) action->perform();
    }
    void revert() override {
        for (auto it = actions.rbegin(); it != actions.rend(); ++it) (*it)->revert();
    }

private:
    std::vector<std::unique_ptr<Action>> actions;
};

class History {
public:
    void carryOut(std::unique_ptr<Action> action) {
        action->perform();
        done.push_back(std::move(action));
    }
    void undo() {
        if (done.empty()) return;
        done.back()->revert();
        done.pop_back();
    }

private:
    std::vector<std::unique_ptr<Action>> done;
};

class Toolbox {
public:
    using Maker = std::function<std::unique_ptr<Action>(Canvas&)>;

    void offer(const std::string& name, Maker maker) { makers[name] = std::move(maker); }
    std::unique_ptr<Action> make(const std::string& name, Canvas& canvas) const { return makers.at(name)(canvas); }

private:
    std::map<std::string, Maker> makers;
};

int main() {
    Canvas canvas;
    Toolbox tools;
    tools.offer("line", [](Canvas& on) { return std::make_unique<DrawLine>(on, 0, 4); });
    History history;
    auto macro = std::make_unique<Macro>();
    macro->add(tools.make("line", canvas));
    macro->add(tools.make("line", canvas));
    history.carryOut(std::move(macro));
    history.undo();
    std::cout << canvas.size();
}
