package dev.huella.core.drawing;

import dev.huella.core.model.Element;
import java.util.List;

/**
 * A finished drawing: marks in the order they are painted, and which stretches belong to which element. Painters for
 * the window and for files paint the same drawing, so what is exported is what was seen.
 *
 * @param width in drawing units, one to a pixel at normal size
 */
public record Drawing(String title, double width, double height, List<Mark> marks, List<Area> areas) {
    public static final Drawing EMPTY = new Drawing("", 0, 0, List.of(), List.of());

    public Drawing {
        marks = List.copyOf(marks);
        areas = List.copyOf(areas);
    }

    /** Where an element is, for choosing it by pointing. */
    public record Area(double x, double y, double width, double height, Element element) {
        public boolean holds(double px, double py) {
            return px >= x && px <= x + width && py >= y && py <= y + height;
        }
    }

    /** What is at a point, the smallest first; null when nothing is. */
    public Element at(double x, double y) {
        return areas.reversed().stream().filter(area -> area.holds(x, y)).findFirst().map(Area::element).orElse(null);
    }
}
