#pragma once
#include <vector>

class Rate {
public:
    virtual ~Rate() = default;
    virtual int of(int metres) const = 0;
};

class FerryRate : public Rate {
public:
    int of(int metres) const override { return metres * 2; }
};

class YachtRate : public Rate {
public:
    int of(int metres) const override { return metres * 7 + 10; }
};

class Ledger {
public:
    int enter(int metres, const Rate& rate) {
        int sum = rate.of(metres);
        sums_.push_back(sum);
        return sum;
    }

private:
    std::vector<int> sums_;
};
