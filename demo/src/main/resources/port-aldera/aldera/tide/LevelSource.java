package aldera.tide;

/** Anything that can say how high the water is. */
public interface LevelSource {
    Metres level();

    String where();

    boolean working();
}
