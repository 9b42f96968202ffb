#include "signal.h"
#include <iostream>

class Needle {
public:
    explicit Needle(Signal& signal) {
        signal.connect([this](int value) { angle_ = value * 3; });
    }

private:
    int angle_ = 0;
};

int main() {
    Signal pressure;
    Needle needle(pressure);
    int log = pressure.connect([](int value) { std::cout << value; });
    pressure.emit(4);
    pressure.disconnect(log);
}
