package ferry;

final class LoweredStrategy extends RampStrategy {
    @Override
    void drive(Ramp ramp) {
        ramp.count();
        if (ramp.cars() == 40) {
            ramp.use(new FullStrategy());
        }
    }

    @Override
    void depart(Ramp ramp) {
        ramp.use(new RaisedStrategy());
    }
}
