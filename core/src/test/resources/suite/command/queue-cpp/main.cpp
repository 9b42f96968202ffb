#include "jobs.h"

int main() {
    Crane crane;
    JobQueue queue;
    queue.add([&] { crane.lift(4); });
    queue.add([&crane] { crane.release(); });
    queue.run();
}
