#include "crane.h"

namespace aldera::cranes {

void Lift::run(Crane& crane) {
    crane.raise(metres_);
}

void Lift::undo(Crane& crane) {
    crane.raise(-metres_);
}

Crane::Crane(std::string name, std::shared_ptr<Load> ballast)
    : name_(std::move(name)), ballast_(std::move(ballast)) {}

void Crane::perform(std::unique_ptr<Move> move) {
    move->run(*this);
    done_.push_back(std::move(move));
}

void Crane::undo() {
    if (done_.empty()) {
        return;
    }
    done_.back()->undo(*this);
    done_.pop_back();
}

void Crane::raise(double metres) {
    at_.height += metres;
    for (auto& watcher : watchers_) {
        watcher(at_.height);
    }
}

void Crane::watch(Watcher watcher) {
    watchers_.push_back(std::move(watcher));
}

Yard& Yard::instance() {
    static Yard yard;
    return yard;
}

Crane& Yard::crane(const std::string& name) {
    auto& slot = cranes_[name];
    if (!slot) {
        slot = std::make_unique<Crane>(name, std::make_shared<Container>(12));
    }
    return *slot;
}

}  // namespace aldera::cranes

int main() {
    using namespace aldera::cranes;
    auto& crane = Yard::instance().crane("north");
    crane.watch([](double height) { (void) height; });
    crane.perform(std::make_unique<Lift>(4));
    crane.undo();
    return 0;
}
