package ferry;

abstract class RampStrategy {
    void berth(Ramp ramp) {
        throw new IllegalStateException("already alongside");
    }

    void drive(Ramp ramp) {
        throw new IllegalStateException("the ramp is not down");
    }

    abstract void depart(Ramp ramp);
}
