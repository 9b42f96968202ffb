#include <vector>
class Alarm { public: virtual ~Alarm() = default; virtual void alarm(int level) = 0; };
class Siren : public Alarm { public: void alarm(int level) override { last = level; } int last = 0; };
class Board : public Alarm { public: void alarm(int level) override { shown = level; } int shown = 0; };
class Gauge {
 public:
  void join(int limit, Alarm* alarm) { entries_.push_back({limit, alarm}); }
  void rise(int by) { level_ += by; for (const auto& e : entries_) if (level_ > e.limit) e.alarm->alarm(level_); }
 private:
  struct Entry { int limit; Alarm* alarm; };
  std::vector<Entry> entries_;
  int level_ = 0;
};
