#include "tent.h"

Tent scouts() { return Tent::Plan().cloth("canvas").poles(6).pitch(); }
