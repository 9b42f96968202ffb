package aldera.tide;

/** Howls when the water is over the quay. */
public class HarbourSiren implements TideListener {
    private boolean howling;

    @Override
    public void levelChanged(Metres level) {
        howling = level.above(new Metres(5.2));
    }

    public boolean howling() {
        return howling;
    }
}
