#include "map.h"

class Pilot {
public:
    explicit Pilot(const Chart& chart) : chart_(chart) {}
    bool safe(double lat, double lon) const { return chart_.depthAt(lat, lon) > 8; }

private:
    const Chart& chart_;
};

bool approach() {
    LazyChart chart("2182A");
    Pilot pilot(chart);
    return pilot.safe(51.9, 4.1);
}
