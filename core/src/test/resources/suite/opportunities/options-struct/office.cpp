#include "print.h"

std::string morningManifest() {
    PrintOptions options;
    options.totals = true;
    return ManifestPrinter(options).print("coal");
}
