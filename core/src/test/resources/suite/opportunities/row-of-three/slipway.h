#pragma once
#include "yard.h"

class SpringRefit {
public:
    void haulOut(Chocks& chocks, Cradle& cradle, Capstan& capstan) {
        chocks.set();
        cradle.lower(250);
        capstan.pull();
        done_ = true;
    }

private:
    bool done_ = false;
};

class HullRepair {
public:
    HullRepair(Chocks& chocks, Cradle& cradle, Capstan& capstan)
        : chocks_(chocks), cradle_(cradle), capstan_(capstan) {}

    int begin(int draught) {
        chocks_.set();
        cradle_.lower(draught);
        capstan_.pull();
        return draught * 2;
    }

private:
    Chocks& chocks_;
    Cradle& cradle_;
    Capstan& capstan_;
};
