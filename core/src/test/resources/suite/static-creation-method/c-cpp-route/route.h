#pragma once
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace aldera {

class Route {
 public:
  static std::unique_ptr<Route> between(const std::string& from, const std::string& to);
  static std::optional<Route> parse(const std::string& text);

  double miles() const { return miles_; }
  const std::vector<std::string>& marks() const { return marks_; }

 private:
  explicit Route(std::vector<std::string> marks);

  std::vector<std::string> marks_;
  double miles_ = 0.0;
};

}  // namespace aldera
