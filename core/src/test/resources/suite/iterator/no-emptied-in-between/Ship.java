package aldera.cargo;

public class Ship {
    private int draught = 90;

    public Hold openHold() {
        return new Hold(this);
    }

    void lighter(int crates) {
        draught -= crates;
    }
}
