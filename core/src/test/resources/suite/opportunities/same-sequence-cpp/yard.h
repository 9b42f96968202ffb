#pragma once
#include <string>

class Survey {
public:
    bool fits(int metres) { return metres < limit_; }
    void limit(int to) { limit_ = to; }

private:
    int limit_ = 90;
};

class Slip {
public:
    int reserve(const std::string& ship) { return static_cast<int>(ship.size()) + taken_++; }

private:
    int taken_ = 0;
};

class Painters {
public:
    void order(const std::string& ship, int slip) { last_ = ship + std::to_string(slip); }

private:
    std::string last_;
};
