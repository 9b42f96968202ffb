#include <string>

class Light;
class Barrier;

class House {
public:
    void carWaiting();
    void spanMoved(bool up);
    void add(Light* l) { light = l; }
    void add(Barrier* b) { barrier = b; }
private:
    Light* light = nullptr;
    Barrier* barrier = nullptr;
};

class Light {
public:
    explicit Light(House& house) : house_(house) {}
    void pressed() { house_.carWaiting(); }
    void show(const std::string& colour) { colour_ = colour; }
private:
    House& house_;
    std::string colour_;
};

class Barrier {
public:
    explicit Barrier(House& house) : house_(house) {}
    void lower() { down_ = true; house_.spanMoved(true); }
    void raise() { down_ = false; }
private:
    House& house_;
    bool down_ = false;
};

void House::carWaiting() {
    if (barrier) barrier->raise();
    if (light) light->show("green");
}

void House::spanMoved(bool up) {
    light->show(up ? "red" : "green");
}
