#include <algorithm>
#include <vector>

struct Listener {
    virtual ~Listener() = default;
    virtual void fog(int metres) = 0;
};

class FogHorn {
    std::vector<Listener*> listeners;
    int sight = 1000;

public:
    FogHorn& operator+=(Listener* listener) {
        listeners.push_back(listener);
        return *this;
    }

    FogHorn& operator-=(Listener* listener) {
        listeners.erase(std::remove(listeners.begin(), listeners.end(), listener), listeners.end());
        return *this;
    }

    void measured(int metres) {
        sight = metres;
        for (Listener* listener : listeners) {
            listener->fog(sight);
        }
    }
};

class Ferry : public Listener {
    bool waits = false;

public:
    void fog(int metres) override { waits = metres < 200; }
};

int main() {
    FogHorn horn;
    Ferry ferry;
    horn += &ferry;
    horn.measured(90);
    horn -= &ferry;
}
