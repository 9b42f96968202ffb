#pragma once
#include <string>

class Booking {
public:
    Booking(std::string ship, int berth, double draught, bool pilot, bool tug, std::string agent)
        : ship_(ship), berth_(berth), draught_(draught), pilot_(pilot), tug_(tug), agent_(agent) {}
    void confirm() { confirmed_ = true; }
private:
    std::string ship_;
    int berth_;
    double draught_;
    bool pilot_;
    bool tug_;
    std::string agent_;
    bool confirmed_ = false;
};
