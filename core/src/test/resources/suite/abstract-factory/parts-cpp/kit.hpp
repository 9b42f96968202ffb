#pragma once
#include <memory>
#include <string>
struct Window { virtual ~Window() = default; virtual std::string glass() const = 0; };
struct Door { virtual ~Door() = default; virtual std::string lock() const = 0; };
struct StormWindow : Window { std::string glass() const override { return "thick"; } };
struct PortWindow : Window { std::string glass() const override { return "thin"; } };
struct StormDoor : Door { std::string lock() const override { return "dogs"; } };
struct PortDoor : Door { std::string lock() const override { return "latch"; } };
class CabinKit {
public:
    virtual ~CabinKit() = default;
    virtual std::unique_ptr<Window> window() const = 0;
    virtual std::unique_ptr<Door> door() const = 0;
};
class StormKit final : public CabinKit {
public:
    std::unique_ptr<Window> window() const override { return std::make_unique<StormWindow>(); }
    std::unique_ptr<Door> door() const override { return std::make_unique<StormDoor>(); }
};
class PortKit final : public CabinKit {
public:
    std::unique_ptr<Window> window() const override { return std::make_unique<PortWindow>(); }
    std::unique_ptr<Door> door() const override { return std::make_unique<PortDoor>(); }
};
class Cabin {
public:
    explicit Cabin(const CabinKit& kit) : window_(kit.window()), door_(kit.door()) {}
    std::string describe() const { return window_->glass() + door_->lock(); }
private:
    std::unique_ptr<Window> window_;
    std::unique_ptr<Door> door_;
};
int main(int argc, char**) { StormKit storm; PortKit port; Cabin c(argc > 1 ? static_cast<const CabinKit&>(storm) : port); return c.describe().size(); }
