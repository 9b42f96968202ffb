#pragma once
#include <map>
#include <functional>
#include <memory>
#include <string>

struct Flag {
  virtual ~Flag() = default;
  virtual std::string meaning() const = 0;
};

struct AlphaFlag : Flag {
  std::string meaning() const override { return "diver down"; }
};
struct QuebecFlag : Flag {
  std::string meaning() const override { return "clear of plague"; }
};
struct HotelFlag : Flag {
  std::string meaning() const override { return "pilot on board"; }
};

class FlagLocker {
 public:
  FlagLocker();
  std::unique_ptr<Flag> take(char letter) const;

 private:
  std::map<char, std::function<std::unique_ptr<Flag>()>> makers_;
};
