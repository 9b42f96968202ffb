#include <iostream>
#include <memory>
#include <string>

class Desk {
public:
    virtual ~Desk() = default;
    Desk* after(std::shared_ptr<Desk> desk) {
        next = desk;
        return next.get();
    }
    virtual std::string ask(const std::string& what) {
        if (next) {
            return next->ask(what);
        }
        return {};
    }

private:
    std::shared_ptr<Desk> next;
};

class BerthDesk : public Desk {
public:
    std::string ask(const std::string& what) override {
        if (what == "berth") {
            return "berth desk: number four";
        }
        return Desk::ask(what);
    }
};

class FuelDesk : public Desk {
public:
    std::string ask(const std::string& what) override {
        if (what == "fuel") {
            return "fuel desk: at the mole";
        }
        return Desk::ask(what);
    }
};

int main() {
    auto berths = std::make_shared<BerthDesk>();
    berths->after(std::make_shared<FuelDesk>());
    std::cout << berths->ask("fuel");
}
