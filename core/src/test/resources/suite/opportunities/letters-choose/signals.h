#pragma once
#include <string>

class Signal {
public:
    virtual ~Signal() = default;
    virtual std::string flags() const = 0;
};

class Quarantine : public Signal {
public:
    std::string flags() const override { return "Q"; }
};

class PilotWanted : public Signal {
public:
    std::string flags() const override { return "G"; }
};

class Departing : public Signal {
public:
    std::string flags() const override { return "P"; }
};
