#include <set>

class Watcher {
public:
    virtual ~Watcher() = default;
    virtual void flashed(int code) = 0;
};

class Lamp {
public:
    void add(Watcher* watcher) { watchers.insert(watcher); }
    void leave(Watcher* watcher) { watchers.erase(watcher); }
    void flash(int code) {
        last = code;
        auto it = watchers.begin();
        while (it != watchers.end()) {
            auto current = it++;
            (*current)->flashed(code);
        }
    }

private:
    std::set<Watcher*> watchers;
    int last = 0;
};
