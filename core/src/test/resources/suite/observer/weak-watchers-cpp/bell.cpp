#include "gauge.h"
#include <iostream>

class Bell : public Watcher {
public:
    void rose(double metres) override {
        if (metres > 0.3) {
            std::cout << "flood\n";
        }
    }
};

class Book : public Watcher {
public:
    void rose(double metres) override { sum_ += metres; }

private:
    double sum_ = 0;
};

int main() {
    Gauge gauge;
    auto bell = std::make_shared<Bell>();
    auto book = std::make_shared<Book>();
    gauge.join(bell);
    gauge.join(book);
    gauge.measure(2.5);
}
