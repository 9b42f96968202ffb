#pragma once
#include <memory>
#include <string>
#include <vector>

struct Echo { double bearing; double miles; };

class Radar {
public:
    virtual ~Radar() = default;
    virtual std::vector<Echo> sweep() = 0;
    virtual bool ready() const = 0;
};

class MastRadar : public Radar {
public:
    std::vector<Echo> sweep() override;
    bool ready() const override { return warm_; }
private:
    bool warm_ = false;
};
