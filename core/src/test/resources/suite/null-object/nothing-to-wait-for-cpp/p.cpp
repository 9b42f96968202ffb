#include <optional>
#include <string>
#include <vector>
#include <memory>
#include <span>
#include <string_view>
class Pump { public: virtual ~Pump() = default; virtual void start() = 0; virtual int level() const = 0; virtual std::optional<std::string> name() const = 0; virtual std::vector<int> parts() const = 0; virtual std::string_view kind() const = 0; };
class RealPump : public Pump { int l = 0; public: void start() override { ++l; } int level() const override { return l; } std::optional<std::string> name() const override { return "p" + std::to_string(l); } std::vector<int> parts() const override { return {1, l}; } std::string_view kind() const override { return "real"; } };
class NoPump : public Pump { public: void start() override {} int level() const override { return {}; } std::optional<std::string> name() const override { return std::nullopt; } std::vector<int> parts() const override { return {}; } std::string_view kind() const override { return ""; } };
class Dock { std::unique_ptr<Pump> pump; public: explicit Dock(std::unique_ptr<Pump> p = nullptr) : pump(p ? std::move(p) : std::make_unique<NoPump>()) {} void go() { pump->start(); } };
int main() { Dock(std::make_unique<RealPump>()).go(); Dock{}.go(); }
