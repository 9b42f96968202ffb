#include <algorithm>
#include <utility>
#include <vector>
struct TideListener { virtual ~TideListener() = default; virtual void tideTurned(double level) = 0; };
class Gauge {
public:
    void join(TideListener* listener, int rank = 0) { listeners_.emplace_back(rank, listener); }
    void measure(double level) {
        level_ = level;
        for (auto& [rank, listener] : listeners_) listener->tideTurned(level);
    }
private:
    std::vector<std::pair<int, TideListener*>> listeners_;
    double level_ = 0;
};
class Siren : public TideListener { int calls = 0; public: void tideTurned(double) override { ++calls; } };
class Lamp : public TideListener { bool lit = false; public: void tideTurned(double level) override { lit = level > 3; } };
