#include <map>
#include <memory>
#include <string>
class Colour {
 public:
  explicit Colour(std::string name) : name_(std::move(name)) {}
  std::string paint(int x) const { return name_ + std::to_string(x); }
 private:
  const std::string name_;
};
class Palette {
 public:
  const Colour& operator[](const std::string& name) {
    auto& slot = colours_[name];
    if (!slot) slot = std::make_unique<Colour>(name);
    return *slot;
  }
 private:
  std::map<std::string, std::unique_ptr<Colour>> colours_;
};
class Painter {
 public:
  std::string draw() { return palette_["red"].paint(1) + palette_["blue"].paint(2); }
 private:
  Palette palette_;
};
