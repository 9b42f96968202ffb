#include <algorithm>
#include <functional>
#include <memory>
#include <string>
#include <vector>
struct Arrival { std::string quay; int tons; };
class Priority { public: virtual ~Priority() = default; virtual bool before(const Arrival& a, const Arrival& b) const = 0; };
class Heaviest : public Priority { public: bool before(const Arrival& a, const Arrival& b) const override { return a.tons > b.tons; } };
class ByQuay : public Priority { public: bool before(const Arrival& a, const Arrival& b) const override { return a.quay < b.quay; } };
class Roster {
public:
    explicit Roster(std::unique_ptr<Priority> r) : priority_(std::move(r)) {}
    void rank(std::unique_ptr<Priority> r) { priority_ = std::move(r); }
    void add(Arrival v) { arrivals_.push_back(std::move(v)); }
    std::vector<Arrival> ordered() const {
        auto all = arrivals_;
        std::sort(all.begin(), all.end(), std::bind_front(&Priority::before, priority_.get()));
        return all;
    }
private:
    std::vector<Arrival> arrivals_;
    std::unique_ptr<Priority> priority_;
};
int main() { Roster r(std::make_unique<Heaviest>()); r.rank(std::make_unique<ByQuay>()); r.ordered(); }
