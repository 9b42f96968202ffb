#include <iostream>
#include "locker.h"

int main() {
    Locker locker;
    locker.put("oilskins");
    for (const auto& thing : locker) {
        std::cout << thing << '\n';
    }
}
