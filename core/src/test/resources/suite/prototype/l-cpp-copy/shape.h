#pragma once
#include <map>
#include <memory>
#include <string>
#include <vector>

class Mark {
 public:
  virtual ~Mark() = default;
  virtual std::unique_ptr<Mark> clone() const = 0;
  void move(int x, int y) { x_ = x; y_ = y; }

 protected:
  Mark() = default;
  Mark(const Mark&) = default;
  int x_ = 0;
  int y_ = 0;
};

class BuoyMark : public Mark {
 public:
  explicit BuoyMark(std::string light) : light_(std::move(light)) {}
  std::unique_ptr<Mark> clone() const override { return std::make_unique<BuoyMark>(*this); }
  void flash(int seconds) { seconds_ = seconds; }

 private:
  std::string light_;
  int seconds_ = 1;
};

class WreckMark : public Mark {
 public:
  explicit WreckMark(int depth) : depth_(depth) {}
  std::unique_ptr<Mark> clone() const override {
    auto copy = std::make_unique<WreckMark>(depth_);
    copy->x_ = x_;
    copy->y_ = y_;
    return copy;
  }
  void rename(const std::string& name) { name_ = name; }

 private:
  int depth_;
  std::string name_;
};

class MarkBox {
 public:
  void keep(const std::string& key, std::unique_ptr<Mark> mark) { marks_[key] = std::move(mark); }
  std::unique_ptr<Mark> take(const std::string& key) const { return marks_.at(key)->clone(); }

 private:
  std::map<std::string, std::unique_ptr<Mark>> marks_;
};
