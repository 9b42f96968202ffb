#pragma once
#include <memory>

class Motor {
public:
    virtual ~Motor() = default;
    virtual void run(int seconds) = 0;
};

class OilMotor : public Motor {
public:
    void run(int seconds) override { oil_ -= seconds; }

private:
    int oil_ = 500;
};

class CableMotor : public Motor {
public:
    void run(int seconds) override { turns_ += seconds * 4; }

private:
    int turns_ = 0;
};

class Door {
public:
    explicit Door(bool heavy) {
        if (heavy) {
            motor_ = std::make_unique<OilMotor>();
        } else {
            motor_ = std::make_unique<CableMotor>();
        }
    }
    virtual ~Door() = default;
    virtual void open() { motor_->run(20); }
    virtual void close() { motor_->run(20); }

protected:
    std::unique_ptr<Motor> motor_;
};

class FireDoor : public Door {
public:
    FireDoor() : Door(true) {}
    void close() override { motor_->run(5); }
};
