#include <iostream>

struct Rate {
    virtual ~Rate() = default;
    virtual int due(int length) const = 0;
};

class Till {
    const Rate& rate;

public:
    explicit Till(const Rate& r) : rate(r) {}

    int charge(int length) const { return rate.due(length) + 5; }
};

int main() {
    struct ByLength : Rate {
        int due(int length) const override { return length * 2; }
    };
    class Flat : public Rate {
        int amount = 40;

    public:
        int due(int) const override { return amount; }
    };
    ByLength byLength;
    Flat flat;
    Till till(byLength);
    Till other(flat);
    std::cout << till.charge(30) << other.charge(30);
}
