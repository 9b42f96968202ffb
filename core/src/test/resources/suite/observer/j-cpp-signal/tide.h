#pragma once
#include <functional>
#include <map>

class TideGauge {
 public:
  using Handler = std::function<void(double)>;

  int subscribe(Handler handler) {
    handlers_.emplace(++last_, std::move(handler));
    return last_;
  }
  void unsubscribe(int id) { handlers_.erase(id); }
  void measure(double level) {
    level_ = level;
    for (const auto& [id, handler] : handlers_) {
      handler(level_);
    }
  }
  void reset() { level_ = 0; }

 private:
  std::map<int, Handler> handlers_;
  int last_ = 0;
  double level_ = 0;
};
