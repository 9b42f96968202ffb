#include <string>

template <typename T>
class OnlyOne {
public:
    static T& instance() {
        static T one;
        return one;
    }

    OnlyOne(const OnlyOne&) = delete;
    OnlyOne& operator=(const OnlyOne&) = delete;

protected:
    OnlyOne() = default;
    ~OnlyOne() = default;
};

class HarbourClock : public OnlyOne<HarbourClock> {
    friend class OnlyOne<HarbourClock>;

public:
    int minutes() const { return ticks / 60; }
    void tick() { ++ticks; }

private:
    HarbourClock() = default;
    int ticks = 0;
};

inline int now() { return HarbourClock::instance().minutes(); }
