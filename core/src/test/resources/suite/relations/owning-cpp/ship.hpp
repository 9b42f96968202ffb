#pragma once
#include <memory>
#include <string>
#include <vector>

class Engine {
public:
    void start() { on_ = true; }
private:
    bool on_ = false;
};

class Cabin {
public:
    explicit Cabin(int beds) : beds_(beds) {}
private:
    int beds_;
};

class Captain {
public:
    std::string name;
};

class Harbour;

class Ship {
public:
    explicit Ship(Captain* captain) : captain_(captain), engine_(std::make_unique<Engine>()) {}
    void sail(const Harbour& to);
    Cabin make(int beds) { return Cabin(beds); }

private:
    Captain* captain_;
    std::unique_ptr<Engine> engine_;
    std::vector<Cabin> cabins_;
};

class Ferry : public Ship {
public:
    using Ship::Ship;
};

class Harbour {
public:
    class Berth {};
private:
    std::vector<std::shared_ptr<Ship>> ships_;
};
