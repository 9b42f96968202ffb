package aldera.radio;

/** Being rewritten: the half that is here does not parse. */
public class DistressRelay {
    private int relayed;

    public void relay(String message {
        relayed++;
    }

    public int relayed() {
        return relayed
    }
}
