#pragma once
#include <memory>
#include <string>
#include <vector>

class Page {
 public:
  void add(std::string line) { lines_.push_back(std::move(line)); }
  size_t length() const { return lines_.size(); }

 private:
  std::vector<std::string> lines_;
};

class NoticeBuilder {
 public:
  virtual ~NoticeBuilder() = default;
  virtual void title(const std::string& text) = 0;
  virtual void paragraph(const std::string& text) = 0;
  virtual void map(int x, int y) = 0;
  virtual std::unique_ptr<Page> result() = 0;
};

class HtmlNotice : public NoticeBuilder {
 public:
  void title(const std::string& text) override { page_->add("<h1>" + text + "</h1>"); }
  void paragraph(const std::string& text) override { page_->add("<p>" + text + "</p>"); }
  void map(int x, int y) override { page_->add("<img>" + std::to_string(x) + std::to_string(y)); }
  std::unique_ptr<Page> result() override { return std::move(page_); }

 private:
  std::unique_ptr<Page> page_ = std::make_unique<Page>();
};

class TelexNotice : public NoticeBuilder {
 public:
  void title(const std::string& text) override { page_->add("= " + text); }
  void paragraph(const std::string& text) override { page_->add(text); }
  void map(int, int) override {}
  std::unique_ptr<Page> result() override { return std::move(page_); }

 private:
  std::unique_ptr<Page> page_ = std::make_unique<Page>();
};

class HarbourOffice {
 public:
  std::unique_ptr<Page> fog(HtmlNotice& notice) {
    notice.title("Fog");
    notice.paragraph("Keep clear.");
    notice.map(4, 5);
    return notice.result();
  }
  void closing(NoticeBuilder& notice) {
    notice.title("Closed");
    notice.paragraph("Until Monday.");
  }
};
