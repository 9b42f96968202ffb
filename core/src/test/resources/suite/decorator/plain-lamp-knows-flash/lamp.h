#pragma once
#include <memory>
#include <string>

class Lamp {
public:
    virtual ~Lamp() = default;
    virtual std::string show() const = 0;
};

class FlashingLamp : public Lamp {
public:
    explicit FlashingLamp(std::unique_ptr<Lamp> lamp) : lamp_(std::move(lamp)) {}
    std::string show() const override { return "(" + lamp_->show() + ")*"; }

private:
    std::unique_ptr<Lamp> lamp_;
};

class ShadedLamp : public Lamp {
public:
    explicit ShadedLamp(std::unique_ptr<Lamp> lamp) : lamp_(std::move(lamp)) {}
    std::string show() const override { return lamp_->show() + " to the south"; }

private:
    std::unique_ptr<Lamp> lamp_;
};

class PlainLamp : public Lamp {
public:
    explicit PlainLamp(std::string colour) : colour_(std::move(colour)) {}
    std::string show() const override { return colour_; }

    static std::unique_ptr<Lamp> flashing(const std::string& colour) {
        return std::make_unique<FlashingLamp>(std::make_unique<PlainLamp>(colour));
    }

private:
    std::string colour_;
};
