#pragma once
#include <functional>
#include <map>

class Signal {
public:
    using Slot = std::function<void(int)>;

    int connect(Slot slot) {
        slots_[next_] = std::move(slot);
        return next_++;
    }

    void disconnect(int number) { slots_.erase(number); }

    void emit(int value) const {
        for (const auto& [number, slot] : slots_) {
            slot(value);
        }
    }

private:
    std::map<int, Slot> slots_;
    int next_ = 0;
};
