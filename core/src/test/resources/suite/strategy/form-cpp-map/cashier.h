#include <memory>
#include <string>
#include <unordered_map>
struct Tariff { virtual ~Tariff() = default; virtual int fee(int tons) const = 0; };
struct ByWeight : Tariff { int fee(int tons) const override { return tons * 3; } };
struct Flat : Tariff { int fee(int) const override { return 100; } };
class Cashier {
public:
  void add(std::string kind, std::unique_ptr<Tariff> one) { tariffs_[std::move(kind)] = std::move(one); }
  int bill(const std::string& kind, int tons) const { return tariffs_.at(kind)->fee(tons); }
private:
  std::unordered_map<std::string, std::unique_ptr<Tariff>> tariffs_;
};
