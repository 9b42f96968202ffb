#include <iostream>
#include <memory>

class Pilot {
public:
    virtual ~Pilot() = default;
    virtual void board(int ship) = 0;
    virtual int fee() const = 0;
};

class BayPilot : public Pilot {
    int boarded_ = 0;
public:
    void board(int ship) override { boarded_ = ship; std::cout << ship; }
    int fee() const override { return 200; }
};

class NoPilot final : public Pilot {
public:
    void board(int) override {}
    int fee() const override { return 0; }
};

class Passage {
    std::shared_ptr<Pilot> pilot_;
public:
    explicit Passage(std::shared_ptr<Pilot> pilot) : pilot_(std::move(pilot)) {}
    int run(int ship) { pilot_->board(ship); return pilot_->fee(); }
};

int main() {
    Passage first(std::make_shared<BayPilot>());
    Passage second(std::make_shared<NoPilot>());
    return first.run(1) + second.run(2);
}
