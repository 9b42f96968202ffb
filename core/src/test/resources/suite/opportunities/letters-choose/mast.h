#pragma once
#include "signals.h"
#include <memory>
#include <vector>

class Mast {
public:
    void show(char letter);
    std::string all() const;

private:
    std::vector<std::string> shown_;
};
