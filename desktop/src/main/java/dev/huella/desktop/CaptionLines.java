package dev.huella.desktop;

import dev.huella.core.drawing.Fonts;
import java.util.ArrayList;
import java.util.List;

/**
 * A name broken into lines that fit a small box.
 *
 * @param lines empty when not even a few letters fit
 * @param size of the letters, in pixels
 */
record CaptionLines(List<String> lines, double size) {
    /** From line to line, in sizes of the letters. */
    static final double SPACING = 1.15;
    private static final double LARGEST = 11;
    private static final double SMALLEST = 7.5;
    private static final double SMALL = 8.5;
    private static final double EASY = 9.5;

    static final CaptionLines NONE = new CaptionLines(List.of(), SMALLEST);

    CaptionLines {
        lines = List.copyOf(lines);
    }

    /** In pixels. */
    double height() {
        return lines.size() * size * SPACING;
    }

    /** In pixels. */
    double width() {
        return lines.stream().mapToDouble(line -> Fonts.width(line, size, false, false)).max().orElse(0);
    }

    /** Whether all of a name is there. */
    boolean isWhole(String name) {
        return String.join("", lines).equals(name);
    }

    /** The largest letters in which a name fits whole; where none do, as much of it as the smallest show. */
    static CaptionLines of(String name, double width, double height) {
        return of(name, width, height, LARGEST);
    }

    /** The same in small letters, for names that stand out over their boxes. */
    static CaptionLines small(String name, double width, double height) {
        return of(name, width, height, SMALL);
    }

    /** All on one line, in letters that are easy to read though they be higher than what is there. */
    static CaptionLines line(String name, double width, double height) {
        for (double size = Math.clamp(height / SPACING, EASY, LARGEST); size >= SMALLEST; size -= 0.5) {
            if (fits(name, width, size)) {
                return new CaptionLines(List.of(name), size);
            }
        }
        int dot = name.indexOf('.');
        return dot >= 0
                ? line(name.substring(dot + 1), width, height) // the last part tells packages apart
                : new CaptionLines(shortened(name, width), SMALLEST);
    }

    private static CaptionLines of(String name, double width, double height, double largest) {
        for (double size = largest; size >= SMALLEST; size -= 0.5) {
            List<String> lines = broken(name, width, size);
            if (lines != null && lines.size() * size * SPACING <= height) {
                return new CaptionLines(lines, size);
            }
        }
        int dot = name.indexOf('.');
        if (dot >= 0 && !fits(name, width, SMALLEST)) {
            return of(name.substring(dot + 1), width, height, largest); // the last part tells packages apart
        }
        return height < SMALLEST ? NONE : new CaptionLines(shortened(name, width), SMALLEST);
    }

    /** Broken before capitals and behind dots and underlines; null where a part is too wide. */
    private static List<String> broken(String name, double width, double size) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String part : name.split("(?<=[\\p{Ll}\\d])(?=\\p{Lu})|(?<=[._ -])")) {
            if (fits(line + part, width, size)) {
                line += part;
            } else if (!fits(part, width, size)) {
                return null;
            } else {
                lines.add(line);
                line = part;
            }
        }
        lines.add(line);
        lines.removeIf(String::isEmpty);
        return lines;
    }

    private static List<String> shortened(String name, double width) {
        for (int length = name.length(); length > 2; length--) {
            String begun = length == name.length() ? name : name.substring(0, length) + "…";
            if (fits(begun, width, SMALLEST)) {
                return List.of(begun);
            }
        }
        return List.of();
    }

    private static boolean fits(String text, double width, double size) {
        return Fonts.width(text, size, false, false) <= width;
    }
}
