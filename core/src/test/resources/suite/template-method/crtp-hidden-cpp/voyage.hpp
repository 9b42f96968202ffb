#include <vector>

template <typename Self>
class Voyage {
public:
    int days() {
        auto& me = static_cast<Self&>(*this);
        int sum = me.legs();
        sum += me.waits() * 2;
        return sum;
    }
};

class CoastVoyage : public Voyage<CoastVoyage> {
    friend class Voyage<CoastVoyage>;
    int legs() { return 3; }
    int waits() { return 1; }
};

class OceanVoyage : public Voyage<OceanVoyage> {
    friend class Voyage<OceanVoyage>;
    int legs() { return 21; }
    int waits() { return 4; }
};
