#pragma once
#include <memory>

class Air {
public:
    virtual ~Air() = default;
    virtual void blow(int hertz, int millis) = 0;
};

class Compressor : public Air {
public:
    void blow(int hertz, int millis) override { used_ += hertz * millis; }

private:
    long used_ = 0;
};

class Bellows : public Air {
public:
    void blow(int hertz, int millis) override { strokes_ += millis / 100; }

private:
    int strokes_ = 0;
};

class Horn {
public:
    explicit Horn(std::shared_ptr<Air> air) : air_{std::move(air)} {}
    virtual ~Horn() = default;
    virtual void sound() { air_->blow(hertz(), 1000); }

protected:
    virtual int hertz() const { return 220; }
    std::shared_ptr<Air> air_;
};

class FogHorn final : public Horn {
public:
    using Horn::Horn;
    void sound() override {
        air_->blow(90, 4000);
        air_->blow(90, 4000);
    }
};

class ShipHorn final : public Horn {
public:
    using Horn::Horn;

protected:
    int hertz() const override { return 130; }
};
