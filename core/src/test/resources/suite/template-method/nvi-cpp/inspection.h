#pragma once
#include <string>

class Inspection {
public:
    virtual ~Inspection() = default;

    std::string run() {
        begin();
        const int faults = examine();
        return conclude(faults);
    }

private:
    virtual void begin() {}
    virtual int examine() = 0;
    virtual std::string conclude(int faults) { return faults == 0 ? "pass" : "fail"; }
};

class HullInspection : public Inspection {
private:
    int examine() override { return 1; }
};

class EngineInspection : public Inspection {
private:
    void begin() override { warm_ = true; }
    int examine() override { return warm_ ? 0 : 3; }
    bool warm_ = false;
};
