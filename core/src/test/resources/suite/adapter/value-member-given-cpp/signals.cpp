#include "signals.h"
#include <utility>

HornSignal::HornSignal(OldHorn horn) : horn_(std::move(horn)) {}

void HornSignal::sound(double seconds) { horn_.blow(static_cast<int>(seconds * 1000)); }
