#include <vector>
#include <queue>
#include <deque>
#include <list>
#include <memory>
class Order { public: virtual ~Order() = default; virtual void carryOut() = 0; };
class Crane { int at = 0; public: void lift() { at++; } void lower() { at--; } };
class Lift : public Order { Crane& crane; public: explicit Lift(Crane& c) : crane(c) {} void carryOut() override { crane.lift(); } };
class Lower : public Order { Crane& crane; public: explicit Lower(Crane& c) : crane(c) {} void carryOut() override { crane.lower(); } };
class Office {
    std::vector<std::unique_ptr<Order>> waiting;
public:
    void accept(std::unique_ptr<Order> order) { waiting.push_back(std::move(order)); }
    void work() {
        std::vector<std::unique_ptr<Order>> all; std::swap(all, waiting); for (auto& next : all) next->carryOut();
    }
};
class Foreman { public: void plan(Office& office, Crane& crane) { office.accept(std::make_unique<Lift>(crane)); office.accept(std::make_unique<Lower>(crane)); } };
