package aldera;

public class Pilotage {
    private final Fee fee = new LengthFee();

    public int charge(int metres, int tons) {
        return 20 + fee.of(metres, tons);
    }
}
