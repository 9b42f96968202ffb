#pragma once
#include <string>

class Check {
public:
    virtual ~Check() = default;
    virtual std::string run() {
        open();
        auto found = look();
        close();
        return found;
    }
    virtual std::string look() = 0;

protected:
    virtual void open() {}
    virtual void close() {}
};

class HatchCheck : public Check {
public:
    std::string look() override { return "hatch shut"; }
};

class TankCheck : public Check {
public:
    std::string run() override { return look(); }
    std::string look() override { return "tank full"; }
};
