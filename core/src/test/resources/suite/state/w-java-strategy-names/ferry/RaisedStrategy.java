package ferry;

final class RaisedStrategy extends RampStrategy {
    @Override
    void berth(Ramp ramp) {
        ramp.use(new LoweredStrategy());
    }

    @Override
    void depart(Ramp ramp) {
        // nothing holds us
    }
}
