#include <algorithm>
#include <functional>
#include <vector>
class Lookout { public: virtual ~Lookout() = default; virtual void heard() = 0; };
class Tower : public Lookout { int n = 0; public: void heard() override { ++n; } };
class FogHorn {
    std::vector<Lookout*> lookouts;
public:
    void add(Lookout* r) { lookouts.push_back(r); }
    void remove(Lookout* r) { std::erase(lookouts, r); }
    int blasts = 0;
    void blast() { ++blasts; std::for_each(lookouts.begin(), lookouts.end(), std::mem_fn(&Lookout::heard)); }
};
int main() { FogHorn b; Tower d; b.add(&d); b.blast(); }
