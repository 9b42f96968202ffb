#pragma once
#include <iostream>
#include <memory>

class Horn {
public:
    virtual ~Horn() = default;
    virtual void blow() = 0;
    virtual int volume() const = 0;
};

class SteamHorn : public Horn {
public:
    void blow() override { std::cout << "hoot\n"; }
    int volume() const override { return 90; }
};

class EchoHorn : public Horn {
public:
    explicit EchoHorn(std::unique_ptr<Horn> horn) : horn_(std::move(horn)) {}
    void blow() override {
        horn_->blow();
        horn_->blow();
    }
    int volume() const override { return horn_->volume(); }

private:
    std::unique_ptr<Horn> horn_;
};

class CountedHorn : public Horn {
public:
    CountedHorn() : horn_(std::make_unique<SteamHorn>()) {}
    void blow() override {
        horn_->blow();
        std::cout << "blown " << ++times_ << " times\n";
    }
    int volume() const override { return horn_->volume() + times_; }

private:
    std::unique_ptr<Horn> horn_;
    int times_ = 0;
};
