#ifndef ALDERA_CHART_H
#define ALDERA_CHART_H

#include <memory>
#include <string>
#include <vector>

class Chart {
 public:
  virtual ~Chart() = default;
  virtual int depthAt(int x, int y) = 0;
  virtual std::string title() const = 0;
};

class PaperChart final : public Chart {
 public:
  explicit PaperChart(std::string file);
  int depthAt(int x, int y) override;
  std::string title() const override { return file_; }

 private:
  std::string file_;
  std::vector<std::vector<int>> depths_;
};

class LazyChart final : public Chart {
 public:
  explicit LazyChart(std::string file) : file_(std::move(file)) {}
  int depthAt(int x, int y) override { return real().depthAt(x, y); }
  std::string title() const override { return file_; }

 private:
  PaperChart& real() {
    if (!real_) real_ = std::make_unique<PaperChart>(file_);
    return *real_;
  }

  std::string file_;
  std::unique_ptr<PaperChart> real_;
};

#endif
