#pragma once
#include <memory>
#include <string>

struct Knob {
    virtual ~Knob() = default;
    virtual int turn(int by) = 0;
};

struct Dial {
    virtual ~Dial() = default;
    virtual std::string show(int value) const = 0;
};

class Panel {
public:
    virtual ~Panel() = default;
    virtual std::unique_ptr<Knob> knob() const = 0;
    virtual std::unique_ptr<Dial> dial() const = 0;
};
