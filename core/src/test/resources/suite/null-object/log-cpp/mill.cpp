#include "log.hpp"

class Mill {
public:
    explicit Mill(Log& log) : log_(log) {}
    void grind(int sacks) {
        for (int i = 0; i < sacks; ++i) {
            log_.line("sack");
        }
    }

private:
    Log& log_;
};

int main() {
    SilentLog silent;
    Mill mill(silent);
    mill.grind(3);
    return silent.count();
}
