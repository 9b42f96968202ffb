#include "door.hpp"
Door::Door() : mode_(new Shut) {}
void Shut::press(Door& door) { door.change(new Opened); }
void Opened::press(Door& door) { door.change(new Shut); }
int main() { Door door; door.press(); return door.lit() ? 0 : 1; }
