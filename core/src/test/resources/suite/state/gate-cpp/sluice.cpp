#include "sluice.h"
Sluice::Sluice() : state_(std::make_unique<Lowered>()) {}
void Raised::pull(Sluice& sluice) { sluice.change(std::make_unique<Lowered>()); }
void Lowered::pull(Sluice& sluice) { sluice.change(std::make_unique<Raised>()); }
