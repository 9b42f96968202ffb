#include "route.h"

#include <iostream>
#include <sstream>
#include <utility>

namespace aldera {

Route::Route(std::vector<std::string> marks) : marks_(std::move(marks)) {
  miles_ = 1.5 * static_cast<double>(marks_.size());
  std::cout << "new route of " << marks_.size() << " marks\n";
}

std::unique_ptr<Route> Route::between(const std::string& from, const std::string& to) {
  return std::unique_ptr<Route>(new Route({from, to}));
}

std::optional<Route> Route::parse(const std::string& text) {
  std::istringstream in(text);
  std::vector<std::string> marks;
  for (std::string mark; in >> mark;) marks.push_back(mark);
  if (marks.size() < 2) return std::nullopt;
  return Route(std::move(marks));
}

}  // namespace aldera
