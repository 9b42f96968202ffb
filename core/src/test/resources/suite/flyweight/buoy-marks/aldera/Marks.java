package aldera;
import java.util.*;
import java.util.concurrent.ConcurrentHashMap;

final class MarkStyle {
    private final String colour; private final char shape; private final byte[] picture;
    MarkStyle(String colour, char shape) { this.colour = colour; this.shape = shape; this.picture = new byte[4096]; }
    String draw(double x, double y) { return colour + shape + picture.length + "@" + x + "," + y; }
}
final class MarkStyles {
    private static final Map<String, MarkStyle> KNOWN = new ConcurrentHashMap<>();
    private MarkStyles() {}
    static MarkStyle of(String colour, char shape) {
        return KNOWN.computeIfAbsent(colour + shape, key -> new MarkStyle(colour, shape));
    }
}
final class Buoy {
    private final double x, y; private final MarkStyle style;
    Buoy(double x, double y, MarkStyle style) { this.x = x; this.y = y; this.style = style; }
    String draw() { return style.draw(x, y); }
}
final class SeaChart {
    private final List<Buoy> buoys = new ArrayList<>();
    void place(double x, double y, String colour, char shape) { buoys.add(new Buoy(x, y, MarkStyles.of(colour, shape))); }
    String draw() { var all = new StringBuilder(); for (Buoy one : buoys) all.append(one.draw()); return all.toString(); }
}
