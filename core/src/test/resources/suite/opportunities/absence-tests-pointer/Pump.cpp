#include <iostream>

class Meter {
public:
    void count(int litres) { std::cout << litres << '\n'; }
};

class Pump {
public:
    explicit Pump(Meter* meter = nullptr) : meter(meter) {}

    void prime() {
        if (meter != nullptr) {
            meter->count(1);
        }
    }

    void fill(int litres) {
        total += litres;
        if (meter) meter->count(litres);
    }

    void drain() {
        if (!meter) {
            return;
        }
        meter->count(-total);
    }

private:
    Meter* meter;
    int total = 0;
};

int main() {
    Meter meter;
    Pump pump(&meter);
    pump.fill(3);
    pump.drain();
    pump.prime();
}
