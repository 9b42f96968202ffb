#pragma once
#include <memory>
#include <string>

struct Message {
  std::string text;
  int priority = 0;
};

class Filter {
 public:
  virtual ~Filter() = default;
  Filter* link(Filter* next) {
    next_ = next;
    return next;
  }
  virtual bool handle(const Message& message) {
    if (next_ != nullptr) return next_->handle(message);
    return false;
  }

 private:
  Filter* next_ = nullptr;
};

class SpamFilter : public Filter {
 public:
  bool handle(const Message& message) override {
    if (message.text.find("cheap rum") != std::string::npos) return true;
    return Filter::handle(message);
  }
};

class UrgentFilter : public Filter {
 public:
  bool handle(const Message& message) override {
    if (message.priority > 8) {
      ++urgent_;
      return true;
    }
    return Filter::handle(message);
  }

 private:
  int urgent_ = 0;
};

class DeafFilter : public Filter {
 public:
  bool handle(const Message&) override { return false; }
};
