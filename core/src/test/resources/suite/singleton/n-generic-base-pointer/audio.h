#pragma once
#include "single.h"

class Audio : public Single<Audio> {
    friend class Single<Audio>;

public:
    void volume(int level) { level_ = level; }

private:
    Audio() {}
    int level_ = 5;
};
