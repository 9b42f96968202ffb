#include "chart.h"

class Bridge {
 public:
  explicit Bridge(std::vector<std::unique_ptr<Chart>> charts) : charts_(std::move(charts)) {}
  bool safe(int draught, int x, int y) {
    for (auto& chart : charts_) {
      if (chart->depthAt(x, y) <= draught) return false;
    }
    return true;
  }

 private:
  std::vector<std::unique_ptr<Chart>> charts_;
};

int main() {
  std::vector<std::unique_ptr<Chart>> charts;
  charts.push_back(std::make_unique<LazyChart>("approach.txt"));
  charts.push_back(std::make_unique<LazyChart>("basin.txt"));
  Bridge bridge(std::move(charts));
  return bridge.safe(7, 3, 4) ? 0 : 1;
}
