#pragma once
#include <memory>
#include <string>

class Pump;

class PumpState {
public:
    virtual ~PumpState() = default;
    virtual void start(Pump& pump) = 0;
    virtual void stop(Pump& pump) = 0;
    virtual std::string label() const = 0;
};

class Pump {
public:
    Pump();
    void start();
    void stop();
    std::string label() const;
    void become(std::unique_ptr<PumpState> next);

private:
    std::unique_ptr<PumpState> state_;
};
