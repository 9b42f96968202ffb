#include "print.h"

std::string ManifestPrinter::print(const std::string& body) const {
    std::string out;
    if (options_.header) {
        out += "Cargo of the day\n";
    }
    if (options_.numbered) {
        out += "1. ";
    }
    out += body;
    if (options_.totals) {
        out += "\nin all " + std::to_string(body.size());
    }
    return out;
}
