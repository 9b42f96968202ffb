#include "hull.hpp"

int main() {
    ship::Tug tug(std::make_unique<ship::Diesel>());
    ship::Yacht yacht(std::make_unique<ship::Electric>());
    tug.leave();
    yacht.leave();
    yacht.moor();
    ship::Coastal coastal;
    ship::Straight straight;
    ship::Navigator navigator(coastal);
    navigator.follow(straight);
    return navigator.plan({3, 5});
}
