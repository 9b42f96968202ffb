#include <algorithm>
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
        const auto& now = hearers;
        for (auto* hearer : now) {
            hearer->blown(blownFor);
        }
    }

private:
    std::vector<Hearer*> hearers;
    int blownFor = 0;
};
