#include "report.h"
#include <memory>

int main() {
    std::vector<std::unique_ptr<Report>> reports;
    reports.push_back(std::make_unique<TideReport>());
    reports.push_back(std::make_unique<CashReport>(std::vector<int>{100, 250}));
    for (const auto& report : reports) report->print(std::cout);
}
