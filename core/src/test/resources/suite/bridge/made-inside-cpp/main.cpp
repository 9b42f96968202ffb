#include "door.hpp"

int main() {
    Door door(false);
    FireDoor fire;
    door.open();
    fire.close();
}
