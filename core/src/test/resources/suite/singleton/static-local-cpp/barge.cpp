#include "lock.h"
class Barge {
public:
    void enter() { Lock::instance().fill(); }
};
