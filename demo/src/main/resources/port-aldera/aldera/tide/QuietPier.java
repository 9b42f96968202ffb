package aldera.tide;

/** The old pier has no equipment any more; the listener was left in place. */
public class QuietPier implements TideListener {
    @Override
    public void levelChanged(Metres level) {
    }
}
