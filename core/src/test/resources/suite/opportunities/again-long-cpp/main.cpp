#include "booking.h"

class Counter {
public:
    Booking walkIn() { return Booking("Alma", 3, 4.2, true, false, ""); }
};

class Phone {
public:
    Booking call() { return Booking("Brisa", 1, 6.0, true, true, "Costa"); }
};
