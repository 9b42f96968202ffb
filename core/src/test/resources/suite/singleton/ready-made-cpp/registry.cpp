#include "registry.h"

Registry Registry::only_;
