#include <memory>
#include <vector>
struct Vessel { virtual ~Vessel() = default; virtual double load() const = 0; };
struct Boat : Vessel { double t; explicit Boat(double t) : t(t) {} double load() const override { return t; } };
class Fleet : public Vessel {
    std::vector<std::shared_ptr<Vessel>> vessels_;
public:
    void add(std::shared_ptr<Vessel> v) { vessels_.push_back(std::move(v)); }
    auto begin() const { return vessels_.begin(); }
    auto end() const { return vessels_.end(); }
    double load() const override { double sum = 0; for (auto& v : *this) sum += v->load(); return sum; }
};
