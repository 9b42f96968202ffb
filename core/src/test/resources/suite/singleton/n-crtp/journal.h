#pragma once
#include <string>
#include <vector>
#include "single.h"

class Journal : public Single<Journal> {
    friend class Single<Journal>;

public:
    void note(const std::string& line) { lines_.push_back(line); }

private:
    Journal() = default;
    std::vector<std::string> lines_;
};
