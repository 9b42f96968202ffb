#pragma once
#include <algorithm>
#include <memory>
#include <vector>

struct Box {
  int tons;
  int due;
};

class Ordering {
 public:
  virtual ~Ordering() = default;
  virtual bool before(const Box& a, const Box& b) const = 0;
};

class HeaviestFirst : public Ordering {
 public:
  bool before(const Box& a, const Box& b) const override { return a.tons > b.tons; }
};

class SoonestFirst : public Ordering {
 public:
  bool before(const Box& a, const Box& b) const override { return a.due < b.due; }
};

class Stack {
 public:
  void setOrdering(std::unique_ptr<Ordering> ordering) { ordering_ = std::move(ordering); }
  void put(Box box) { boxes_.push_back(box); }
  std::vector<Box> sorted() const {
    std::vector<Box> copy = boxes_;
    std::sort(copy.begin(), copy.end(), [this](const Box& a, const Box& b) { return ordering_->before(a, b); });
    return copy;
  }

 private:
  std::unique_ptr<Ordering> ordering_;
  std::vector<Box> boxes_;
};
