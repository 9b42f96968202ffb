#pragma once
class HarbourClock {
 public:
  static HarbourClock* instance();
  void set(int minutes) { minutes_ = minutes; }
  int minutes() const { return minutes_; }

 private:
  HarbourClock() : minutes_(0) {}
  static HarbourClock* instance_;
  int minutes_;
};
