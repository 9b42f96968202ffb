#include "pool.hpp"

int main() {
    CableStore store;
    auto cable = store.take(40);
    cable->wind(2);
    store.giveBack(std::move(cable));
}
