package dev.huella.desktop;

import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Mark;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * How far the names of boxes may stand out over them in a drawing that is shown small: as far as they meet no other name. In
 * units of the drawing.
 */
final class CaptionRoom {
    static final CaptionRoom NONE = new CaptionRoom(List.of());
    /** Of more boxes, those that are too small for their names stay without. */
    private static final int MOST = 600;
    private static final double FARTHEST = 60;
    /** Of the way to the next box each of both may take so much; lines are seen on the rest. */
    private static final double SHARE = 0.46;
    private final Map<Mark.Caption, double[]> rooms = new HashMap<>();

    private CaptionRoom(List<Mark.Caption> names) {
        double[][] room = new double[names.size()][];
        Arrays.setAll(room, i -> new double[]{FARTHEST, FARTHEST});
        for (int i = 0; i < room.length; i++) {
            for (int j = i + 1; j < room.length; j++) {
                part(names.get(i), room[i], names.get(j), room[j]);
            }
            rooms.put(names.get(i), room[i]);
        }
    }

    static CaptionRoom of(Drawing drawing) {
        List<Mark.Caption> names = drawing.marks()
                .stream()
                .map(CaptionRoom::standing)
                .filter(Objects::nonNull)
                .toList();
        return names.size() > MOST ? NONE : new CaptionRoom(names);
    }

    /** What takes room: the name of a box, and the strip in which that of a frame stands. */
    private static Mark.Caption standing(Mark mark) {
        return switch (mark) {
            case Mark.Caption name -> name;
            case Mark.TabName tab ->
                new Mark.Caption(tab.x(), tab.y(), tab.width(), tab.height(), tab.text(), "", false,
                        Ink.PAPER, Ink.SECOND);
            default -> null;
        };
    }

    /** Two names stay apart in the direction in which there is more between them. */
    private static void part(Mark.Caption one, double[] roomOfOne, Mark.Caption other, double[] roomOfOther) {
        double across = Math.max(one.x() - other.x() - other.width(), other.x() - one.x() - one.width());
        double down = Math.max(one.y() - other.y() - other.height(), other.y() - one.y() - one.height());
        int direction = across >= down ? 0 : 1;
        double share = Math.max(0, Math.max(across, down) * SHARE);
        roomOfOne[direction] = Math.min(roomOfOne[direction], share);
        roomOfOther[direction] = Math.min(roomOfOther[direction], share);
    }

    /** At its left and at its right. */
    double beside(Mark.Caption name) {
        return rooms.containsKey(name) ? rooms.get(name)[0] : 0;
    }

    /** Above it and below it. */
    double above(Mark.Caption name) {
        return rooms.containsKey(name) ? rooms.get(name)[1] : 0;
    }
}
