#include <memory>
#include <numeric>
#include <vector>
class Cargo { public: virtual ~Cargo() = default; virtual int weight() const = 0; };
class Crate : public Cargo { public: int weight() const override { return 1; } };
class Pallet : public Cargo {
    std::vector<std::unique_ptr<Cargo>> cargos;
public:
    void add(std::unique_ptr<Cargo> p) { cargos.push_back(std::move(p)); }
    int weight() const override { return std::accumulate(cargos.begin(), cargos.end(), 0, [](int n, const auto& p) { return n + p->weight(); }); }
};
int main() { Pallet k; k.add(std::make_unique<Crate>()); const Cargo& p = k; return p.weight(); }
