#include "roman.h"
#include <iostream>

int main() {
    std::vector<std::unique_ptr<Digit>> digits;
    digits.push_back(std::make_unique<Decimal>("C", "CD", "D", "CM", 100));
    digits.push_back(std::make_unique<Decimal>("X", "XL", "L", "XC", 10));
    digits.push_back(std::make_unique<Decimal>("I", "IV", "V", "IX", 1));
    Roman roman(std::move(digits));
    Context context{"CXIV"};
    std::cout << roman.interpret(context) << "\n";
}
