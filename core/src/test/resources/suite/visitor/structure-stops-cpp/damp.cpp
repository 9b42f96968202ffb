#include "rooms.hpp"

class DampInspector : public Inspector {
public:
    void bath(Bath& bath) override { damp_ += bath.damp() ? 1 : 0; }
    void hall(Hall& hall) override { metres_ += hall.metres(); }
    void house(House&) override { houses_++; }
private:
    int damp_ = 0;
    int metres_ = 0;
    int houses_ = 0;
};

void inspect(Space& space) {
    DampInspector inspector;
    space.admit(inspector);
}
