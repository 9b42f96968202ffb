#pragma once
#include <memory>
#include <string>

class Lamp {
 public:
  virtual ~Lamp() = default;
  virtual void on(int colour) = 0;
  virtual void off() = 0;
};

class LedLamp : public Lamp {
 public:
  void on(int colour) override { current_ = colour * 2; }
  void off() override { current_ = 0; }
 private:
  int current_ = 0;
};

class OilLamp : public Lamp {
 public:
  void on(int colour) override { wick_ = colour > 0; }
  void off() override { wick_ = false; }
 private:
  bool wick_ = false;
};

class Signal {
 public:
  explicit Signal(std::shared_ptr<Lamp> lamp) : lamp_(std::move(lamp)) {}
  virtual ~Signal() = default;
  virtual void show() { lamp_->on(1); }
  void hide() { lamp_->off(); }
 protected:
  std::shared_ptr<Lamp> lamp_;
};

class FlashingSignal : public Signal {
 public:
  using Signal::Signal;
  void show() override {
    for (int i = 0; i < times_; ++i) {
      lamp_->on(2);
      lamp_->off();
    }
  }
 private:
  int times_ = 3;
};

class SectorSignal : public Signal {
 public:
  SectorSignal(std::shared_ptr<Lamp> lamp, int bearing) : Signal(std::move(lamp)), bearing_(bearing) {}
  void show() override { lamp_->on(bearing_ > 180 ? 1 : 3); }
 private:
  int bearing_;
};
