#pragma once
class Lock {
public:
    static Lock& instance() {
        static Lock one;
        return one;
    }
    Lock(const Lock&) = delete;
    Lock& operator=(const Lock&) = delete;
    void fill() { level_++; }
private:
    Lock() = default;
    int level_ = 0;
};
