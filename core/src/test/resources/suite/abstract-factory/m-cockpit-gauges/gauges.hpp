#pragma once
#include <memory>
#include <string>

namespace cockpit {

class Dial {
public:
    virtual ~Dial() = default;
    virtual std::string show(double value) const = 0;
};

class Lamp {
public:
    virtual ~Lamp() = default;
    virtual void light(bool on) = 0;
};

class PanelKit {
public:
    virtual ~PanelKit() = default;
    virtual std::unique_ptr<Dial> dial() const = 0;
    virtual std::unique_ptr<Lamp> lamp() const = 0;
};

}  // namespace cockpit
