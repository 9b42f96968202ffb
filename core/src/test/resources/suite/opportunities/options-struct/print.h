#pragma once
#include <string>

struct PrintOptions {
    bool header = true;
    bool numbered = false;
    bool totals = false;
};

class ManifestPrinter {
public:
    explicit ManifestPrinter(PrintOptions options) : options_(options) {}

    std::string print(const std::string& body) const;

private:
    PrintOptions options_;
};
