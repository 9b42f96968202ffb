#include "kits.h"

class Quay {
public:
    explicit Quay(const MooringKit& kit) : kit_(kit) {}
    int moor() const {
        auto rope = kit_.rope();
        auto fender = kit_.fender();
        HempRope spare;
        return rope->length() + fender->size() + spare.length();
    }

private:
    const MooringKit& kit_;
};

int main() { return Quay(YachtKit()).moor() + Quay(BargeKit()).moor(); }
