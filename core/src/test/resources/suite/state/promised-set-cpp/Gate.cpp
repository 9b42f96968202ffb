#include <memory>
class Position;
class Door { public: virtual ~Door() = default; virtual void become(std::unique_ptr<Position> next) = 0; };
class Position { public: virtual ~Position() = default; virtual void press(Door& door) = 0; };
class Open : public Position { public: void press(Door& door) override; };
class Closed : public Position { public: void press(Door& door) override { door.become(std::make_unique<Open>()); } };
void Open::press(Door& door) { door.become(std::make_unique<Closed>()); }
class LockGate : public Door {
    std::unique_ptr<Position> position = std::make_unique<Closed>();
public:
    void become(std::unique_ptr<Position> next) override { position = std::move(next); }
    void press() { position->press(*this); }
};
