#pragma once
#include <string>
#include <variant>

struct Stopped;
struct Playing;

class PlayerState {
public:
    virtual ~PlayerState() = default;
    virtual PlayerState* press() = 0;
    virtual std::string label() const = 0;
};

class PlayingState : public PlayerState {
public:
    PlayerState* press() override;
    std::string label() const override { return "||"; }
};

class StoppedState : public PlayerState {
public:
    PlayerState* press() override { return new PlayingState; }
    std::string label() const override { return ">"; }
};

inline PlayerState* PlayingState::press() { return new StoppedState; }

class Player {
public:
    Player() : state_(new StoppedState) {}
    ~Player() { delete state_; }

    void button() {
        PlayerState* next = state_->press();
        delete state_;
        state_ = next;
    }

    std::string label() const { return state_->label(); }

private:
    PlayerState* state_;
};
