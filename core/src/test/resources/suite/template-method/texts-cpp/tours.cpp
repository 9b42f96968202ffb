#include <iostream>
#include <string>

class Tour {
public:
    virtual ~Tour() = default;
    std::string tell() const { return greeting() + ", " + sight() + ", " + farewell(); }

protected:
    virtual std::string greeting() const { return "welcome"; }
    virtual std::string sight() const = 0;
    virtual std::string farewell() const = 0;
};

class PortTour : public Tour {
protected:
    std::string sight() const override { return "the cranes"; }
    std::string farewell() const override { return "mind the rails"; }
};

class TownTour : public Tour {
protected:
    std::string greeting() const override { return "good evening"; }
    std::string sight() const override { return "the clock"; }
    std::string farewell() const override { return "come again"; }
};

int main() {
    std::cout << PortTour().tell() << TownTour().tell();
}
