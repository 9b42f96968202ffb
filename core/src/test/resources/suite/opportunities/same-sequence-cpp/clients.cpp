#include "yard.h"

class YachtClub {
public:
    void winter(const std::string& yacht) {
        if (survey_.fits(12)) {
            painters_.order(yacht, slip_.reserve(yacht));
        }
    }

private:
    Survey survey_;
    Slip slip_;
    Painters painters_;
};

class FishingFleet {
public:
    void repair(const std::string& boat, int metres) {
        if (!survey_.fits(metres)) {
            return;
        }
        int place = slip_.reserve(boat);
        painters_.order(boat, place);
    }

private:
    Survey survey_;
    Slip slip_;
    Painters painters_;
};

int main() {
    YachtClub().winter("Lira");
    FishingFleet().repair("Oria", 30);
}
