package dev.huella.core.diagram;

/**
 * How much boxes say.
 *
 * @param parameters with the types of parameters and results
 */
public record Detail(Level level, boolean parameters) {
    public static final Detail USUAL = new Detail(Level.PUBLIC, true);
    public static final Detail NAMES = new Detail(Level.NAMES, false);

    /** What a diagram is about shows all of itself, unless only names are wanted. */
    Detail ofFocus() {
        return level == Level.NAMES ? this : new Detail(Level.ALL, parameters);
    }

    /** Which members are shown. */
    public enum Level {
        NAMES, PUBLIC, ALL
    }
}
