#include <memory>
#include <string>
#include <vector>
class Sink {
public:
  virtual ~Sink() = default;
  virtual void log(const std::string& line) = 0;
};
class BaseSink : public Sink {
public:
  void log(const std::string& line) override { if (!line.empty()) { write(line); } }
protected:
  virtual void write(const std::string& line) = 0;
};
class FileSink : public BaseSink {
protected:
  void write(const std::string& line) override { text_ += line; }
private:
  std::string text_;
};
class LampSink : public BaseSink {
protected:
  void write(const std::string& line) override { on_ = line.size() > 3; }
private:
  bool on_ = false;
};
class FanOutSink : public BaseSink {
public:
  void add(std::shared_ptr<Sink> sink) { sinks_.push_back(sink); }
protected:
  void write(const std::string& line) override { for (auto& sink : sinks_) { sink->log(line); } }
private:
  std::vector<std::shared_ptr<Sink>> sinks_;
};
