#include "audio.h"

class Menu {
public:
    void mute() { Audio::instance()->volume(0); }
};
