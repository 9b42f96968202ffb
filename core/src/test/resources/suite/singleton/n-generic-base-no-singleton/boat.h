#pragma once
#include "counted.h"

class Boat : public Counted<Boat> {
public:
    explicit Boat(int length) : length_(length) {}
    int length() const { return length_; }

private:
    int length_;
};
