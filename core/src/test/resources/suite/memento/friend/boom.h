#pragma once
#include <memory>
#include <vector>

class Boom;

class Position {
    friend class Boom;
    Position(double reach, double angle) : reach_(reach), angle_(angle) {}
    const double reach_;
    const double angle_;
};

class Boom {
public:
    void stretch(double metres) { reach_ += metres; }
    void turn(double degrees) { angle_ += degrees; }
    std::shared_ptr<Position> keep() const { return std::shared_ptr<Position>(new Position(reach_, angle_)); }
    void back(const Position& p) {
        reach_ = p.reach_;
        angle_ = p.angle_;
    }

private:
    double reach_ = 10;
    double angle_ = 0;
};

class Operator {
public:
    explicit Operator(Boom& boom) : boom_(boom) {}
    void tryTurn(double degrees) {
        kept_.push_back(boom_.keep());
        boom_.turn(degrees);
    }
    void undo() {
        if (!kept_.empty()) {
            boom_.back(*kept_.back());
            kept_.pop_back();
        }
    }

private:
    Boom& boom_;
    std::vector<std::shared_ptr<Position>> kept_;
};
