package aldera.tide;

/** Told when the water at the gauge has moved. */
public interface TideListener {
    void levelChanged(Metres level);
}
