package ferry;

final class FullStrategy extends RampStrategy {
    @Override
    void depart(Ramp ramp) {
        ramp.use(new RaisedStrategy());
    }
}
