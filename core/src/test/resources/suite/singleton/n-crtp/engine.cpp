#include "journal.h"

class Engine {
public:
    void start() { Journal::get().note("start"); }
};
