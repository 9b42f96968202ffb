#pragma once
#include <memory>
#include <string>
#include <utility>
#include <vector>

struct Context {
    std::string input;
    int output = 0;
};

class Digit {
public:
    virtual ~Digit() = default;
    virtual int interpret(Context& context) const = 0;
};

class Roman : public Digit {
public:
    explicit Roman(std::vector<std::unique_ptr<Digit>> digits) : digits_(std::move(digits)) {}
    int interpret(Context& context) const override {
        int sum = 0;
        for (const auto& digit : digits_) sum += digit->interpret(context);
        return sum;
    }
private:
    std::vector<std::unique_ptr<Digit>> digits_;
};

class Decimal : public Digit {
public:
    Decimal(std::string one, std::string four, std::string five, std::string nine, int factor)
        : one_(one), four_(four), five_(five), nine_(nine), factor_(factor) {}
    int interpret(Context& context) const override {
        int value = 0;
        if (take(context, nine_)) value += 9;
        else if (take(context, four_)) value += 4;
        else if (take(context, five_)) value += 5;
        while (take(context, one_)) ++value;
        return value * factor_;
    }
private:
    static bool take(Context& context, const std::string& sign) {
        if (sign.empty() || context.input.rfind(sign, 0) != 0) return false;
        context.input.erase(0, sign.size());
        return true;
    }
    std::string one_, four_, five_, nine_;
    int factor_;
};
