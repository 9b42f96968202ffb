#include <memory>
#include <vector>
class Cart {
public:
    void roll(int m) { metres_ += m; }
    void steer(int d) { degrees_ += d; }
private:
    int metres_ = 0;
    int degrees_ = 0;
};
class Move {
public:
    virtual ~Move() = default;
    virtual void go() = 0;
};
class Forward : public Move {
public:
    explicit Forward(Cart& c) : cart_(c) {}
    void go() override { cart_.roll(2); }
private:
    Cart& cart_;
};
class Turn : public Move {
public:
    explicit Turn(Cart& c) : cart_(c) {}
    void go() override { cart_.steer(90); }
private:
    Cart& cart_;
};
class Driver {
public:
    void plan(std::unique_ptr<Move> m) { moves_.push_back(std::move(m)); }
    void drive() {
        for (auto& m : moves_) {
            m->go();
        }
        moves_.clear();
    }
private:
    std::vector<std::unique_ptr<Move>> moves_;
};
class Trip {
public:
    void start(Driver& d, Cart& c) {
        d.plan(std::make_unique<Forward>(c));
        d.plan(std::make_unique<Turn>(c));
        d.drive();
    }
};
