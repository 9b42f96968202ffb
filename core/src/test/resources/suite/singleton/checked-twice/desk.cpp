#include "registry.h"

void book(const std::string& name) {
    Registry::instance()->enter(name, 90);
}
