#pragma once
#include <array>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>
namespace aldera::yard {
class Crew;
struct Afloat { virtual ~Afloat() = default; virtual double draught() const = 0; };
class Engine { public: void start(); };
class Turbo {};
class Craft : public Afloat {
public:
    explicit Craft(std::string name);
    void fit(std::shared_ptr<Turbo> turbo) { turbo_ = std::move(turbo); }
protected:
    Engine engine_;
    std::shared_ptr<Turbo> turbo_;
    Crew* crew_ = nullptr;
};
template <typename T> class Locker { public: void put(T item) { items_.push_back(std::move(item)); } private: std::vector<T> items_; };
class Oar {};
class Skiff final : public Craft {
public:
    using Craft::Craft;
    double draught() const override { return 0.3; }
    enum class Trim { Bow, Stern };
private:
    std::array<std::unique_ptr<Oar>, 2> oars_;
    std::optional<Trim> trim_;
    Locker<Oar> locker_;
};
class Trip { public: explicit Trip(const Craft& craft) : craft_(craft) {} private: const Craft& craft_; };
class Crew { public: Trip row(Skiff& skiff); private: std::map<std::string, std::weak_ptr<Skiff>> boats_; std::function<void(const Trip&)> done_; friend class Registry; };
class Registry { static Registry& shared(); std::vector<Craft*> all_; };
}
