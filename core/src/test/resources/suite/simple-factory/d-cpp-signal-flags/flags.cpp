#include "flags.h"

FlagLocker::FlagLocker() {
  makers_['A'] = [] { return std::make_unique<AlphaFlag>(); };
  makers_['Q'] = [] { return std::make_unique<QuebecFlag>(); };
  makers_['H'] = [] { return std::make_unique<HotelFlag>(); };
}

std::unique_ptr<Flag> FlagLocker::take(char letter) const {
  auto found = makers_.find(letter);
  if (found == makers_.end()) return nullptr;
  return found->second();
}
