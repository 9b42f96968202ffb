#include <iostream>
#include "visitors.h"

int main() {
    auto pallet = std::make_unique<Pallet>();
    pallet->add(std::make_unique<Sack>(40));
    std::unique_ptr<Goods> twin = pallet->clone();
    WeightSum sum;
    pallet->accept(sum);
    LabelPrinter printer;
    twin->accept(printer);
    std::cout << sum.sum() << printer.text();
}
