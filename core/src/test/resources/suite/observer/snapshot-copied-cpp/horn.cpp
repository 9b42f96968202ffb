#include <algorithm>
#include <mutex>
#include <vector>

class Hearer {
public:
    virtual ~Hearer() = default;
    virtual void blown(int seconds) = 0;
};

class Horn {
public:
    void add(Hearer* hearer) { hearers.push_back(hearer); }
    void leave(Hearer* hearer) { hearers.erase(std::find(hearers.begin(), hearers.end(), hearer)); }
    void blow(int seconds) {
        blownFor += seconds;
        std::vector<Hearer*> now;
        {
            std::lock_guard<std::mutex> guard(held);
            now = hearers;
        }
        for (auto* hearer : now) {
            hearer->blown(blownFor);
        }
    }
    void silence() {
        blownFor = 0;
        for (auto* hearer : std::vector<Hearer*>(hearers.begin(), hearers.end())) {
            hearer->blown(0);
        }
    }
    void repeat() {
        blownFor += blownFor;
        const auto now = hearers;
        for (auto* hearer : now) {
            hearer->blown(blownFor);
        }
    }

private:
    std::vector<Hearer*> hearers;
    std::mutex held;
    int blownFor = 0;
};
