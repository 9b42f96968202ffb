#include "signal.hpp"
#include <string>
class Drawbridge {
public:
    Signal<bool> moved;
    void open() { open_ = true; moved.emit(open_); }
    void close() { open_ = false; moved.emit(open_); }
private:
    bool open_ = false;
};
class TrafficLight { public: void set(bool red) { red_ = red; } private: bool red_ = false; };
class Horn { public: void blow() { ++blown_; } private: int blown_ = 0; };
int main() {
    Drawbridge bridge; TrafficLight light; Horn horn;
    bridge.moved.connect([&](bool open) { light.set(open); });
    bridge.moved.connect([&horn](bool) { horn.blow(); });
    bridge.open();
}
