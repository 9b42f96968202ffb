#include "charts.h"

std::string plot(Charts& charts) {
    return charts.sheet("west") + charts.sheet("west");
}

std::string usual() {
    RememberedCharts charts(std::make_unique<PaperCharts>());
    return plot(charts);
}
