#include <iostream>
#include <string>

struct ReportOptions {
    bool header = true;
    bool totals = false;
    bool signature = false;
};

class Report {
public:
    explicit Report(ReportOptions options) : options(options) {}

    std::string text(int tonnes) const {
        std::string out;
        if (options.header) {
            out += "Port of Aldera\n";
        }
        out += std::to_string(tonnes);
        if (options.totals) {
            out += "\n= " + std::to_string(tonnes * 2);
        }
        if (options.signature) {
            out += "\nsigned";
        }
        return out;
    }

private:
    ReportOptions options;
};

int main() {
    Report report({true, true, false});
    std::cout << report.text(4);
}
