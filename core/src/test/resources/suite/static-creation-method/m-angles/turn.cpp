#include "angle.h"

class Rudder {
public:
    void turn(double degrees) { position_ = position_.plus(Angle::fromDegrees(degrees)); }

private:
    Angle position_ = Angle::fromRadians(0);
};
