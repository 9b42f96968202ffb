#pragma once
#include <string>
#include <vector>

class Plotter {
 public:
  class Memory {
    friend class Plotter;
    Memory(std::vector<int> points, std::string pen) : points_(std::move(points)), pen_(std::move(pen)) {}
    std::vector<int> points_;
    std::string pen_;
  };

  void draw(int x, int y) {
    points_.push_back(x);
    points_.push_back(y);
  }
  void pen(const std::string& pen) { pen_ = pen; }
  void zoom(int scale) { scale_ = scale; }

  Memory remember() const { return Memory(points_, pen_); }
  void recall(const Memory& memory) {
    points_ = memory.points_;
    pen_ = memory.pen_;
  }

 private:
  std::vector<int> points_;
  std::string pen_ = "black";
  int scale_ = 1;
};

class Navigator {
 public:
  void mark() { marks_.push_back(plotter_.remember()); }
  void back() {
    if (marks_.empty()) return;
    plotter_.recall(marks_.back());
    marks_.pop_back();
  }

 private:
  Plotter plotter_;
  std::vector<Plotter::Memory> marks_;
};
