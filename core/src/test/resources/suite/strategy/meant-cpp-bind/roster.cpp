#include <algorithm>
#include <functional>
#include <string>
#include <vector>
struct Arrival { std::string quay; int tons; };
class Priority { public: virtual ~Priority() = default; virtual bool before(const Arrival& a, const Arrival& b) const = 0; };
class Heaviest : public Priority { public: bool before(const Arrival& a, const Arrival& b) const override { return a.tons > b.tons; } };
class ByQuay : public Priority { public: bool before(const Arrival& a, const Arrival& b) const override { return a.quay < b.quay; } };
class Roster {
public:
    explicit Roster(const Priority& r) : priority_(&r) {}
    void rank(const Priority& r) { priority_ = &r; }
    void add(Arrival v) { arrivals_.push_back(v); }
    void order() {
        using namespace std::placeholders;
        std::sort(arrivals_.begin(), arrivals_.end(), std::bind(&Priority::before, priority_, _1, _2));
    }
private:
    std::vector<Arrival> arrivals_;
    const Priority* priority_;
};
int main() { Heaviest l; ByQuay w; Roster r(l); r.rank(w); r.order(); }
