#pragma once
#include <functional>
#include <map>
#include <utility>

template <typename... Args>
class Signal {
public:
    using Slot = std::function<void(Args...)>;

    int connect(Slot slot) {
        slots_.emplace(++last_, std::move(slot));
        return last_;
    }
    void disconnect(int id) { slots_.erase(id); }
    void emit(Args... args) const {
        for (const auto& [id, slot] : slots_) {
            slot(args...);
        }
    }

private:
    std::map<int, Slot> slots_;
    int last_ = 0;
};

class Gauge {
public:
    Signal<int> changed;
    void rise(int by) {
        level_ += by;
        changed.emit(level_);
    }

private:
    int level_ = 0;
};
