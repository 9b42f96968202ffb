#include "flags.h"
#include <vector>

class Mast {
 public:
  void hoist(const std::string& letters) {
    for (char letter : letters) {
      if (auto flag = locker_.take(letter)) flags_.push_back(std::move(flag));
    }
    flags_.push_back(std::make_unique<HotelFlag>());
  }

 private:
  FlagLocker locker_;
  std::vector<std::unique_ptr<Flag>> flags_;
};
