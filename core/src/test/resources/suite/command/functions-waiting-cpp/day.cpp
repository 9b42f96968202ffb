#include "clerk.h"

void day() {
    Board board;
    Clerk clerk;
    clerk.take([&board] { board.write("ferry late"); });
    clerk.take([&board] { board.wipe(); });
    clerk.work();
}
