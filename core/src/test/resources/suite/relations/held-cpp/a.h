#pragma once
#include <memory>
#include <vector>
#include <string>

class Engine { int hp = 0; };
class Crew;
class Hull { double m = 0; };
class Flag { std::string c; };

class Vessel {
public:
    virtual ~Vessel() = default;
    virtual void sail() = 0;
};

class Tug : public Vessel {
public:
    explicit Tug(Crew* crew) : crew_(crew), engine_(std::make_unique<Engine>()) {}
    void sail() override;
    void hoist(const Flag& flag);
private:
    Crew* crew_;
    std::unique_ptr<Engine> engine_;
    Hull hull_;
    std::vector<std::shared_ptr<Tug>> consorts_;
    struct Log { int lines = 0; };
    Log log_;
};
