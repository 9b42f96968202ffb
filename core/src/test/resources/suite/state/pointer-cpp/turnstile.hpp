#pragma once
#include <memory>

class Turnstile;

class TurnstileState {
public:
    virtual ~TurnstileState() = default;
    virtual void coin(Turnstile& turnstile) = 0;
    virtual void push(Turnstile& turnstile) = 0;
};

class Turnstile {
public:
    Turnstile();
    void coin() { state_->coin(*this); }
    void push() { state_->push(*this); }
    void become(std::unique_ptr<TurnstileState> next) { state_ = std::move(next); }
    void count() { ++people_; }

private:
    std::unique_ptr<TurnstileState> state_;
    int people_ = 0;
};

class Locked : public TurnstileState {
public:
    void coin(Turnstile& turnstile) override;
    void push(Turnstile&) override {}
};

class Unlocked : public TurnstileState {
public:
    void coin(Turnstile&) override {}
    void push(Turnstile& turnstile) override;
};
