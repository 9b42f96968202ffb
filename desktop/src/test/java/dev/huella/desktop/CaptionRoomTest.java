package dev.huella.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Mark;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CaptionRoomTest {
    @Test
    void namesInARowMayStandOutUpwardsAndNamesInAColumnSidewards() {
        Mark.Caption left = name(0, 0, 40, 10);
        Mark.Caption right = name(60, 0, 40, 10);
        CaptionRoom row = room(left, right);
        assertThat(row.beside(left)).isBetween(1.0, 10.0);
        assertThat(row.above(left)).isGreaterThan(20);
        Mark.Caption below = name(0, 30, 40, 10);
        CaptionRoom column = room(left, below);
        assertThat(column.above(below)).isBetween(1.0, 10.0);
        assertThat(column.beside(below)).isGreaterThan(20);
    }

    @Test
    void namesThatStandOutMeetNoOther() {
        for (int seed = 0; seed < 200; seed++) {
            List<Mark.Caption> names = scattered(new Random(seed));
            CaptionRoom room = room(names.toArray(Mark.Caption[]::new));
            for (Mark.Caption one : names) {
                for (Mark.Caption other : names) {
                    assertThat(one != other && meets(one, room, other)).as("seed %d", seed).isFalse();
                }
            }
        }
    }

    private static List<Mark.Caption> scattered(Random random) {
        List<Mark.Caption> names = new ArrayList<>();
        for (int column = 0; column < 5; column++) {
            for (int row = 0; row < 5; row++) {
                names.add(name(column * 100 + random.nextInt(40), row * 60 + random.nextInt(20),
                        20 + random.nextInt(35), 8 + random.nextInt(25)));
            }
        }
        return names;
    }

    private static boolean meets(Mark.Caption one, CaptionRoom room, Mark.Caption other) {
        double across = room.beside(one) + room.beside(other);
        double down = room.above(one) + room.above(other);
        return one.x() < other.x() + other.width() + across && other.x() < one.x() + one.width() + across
                && one.y() < other.y() + other.height() + down && other.y() < one.y() + one.height() + down;
    }

    private static CaptionRoom room(Mark.Caption... names) {
        return CaptionRoom.of(new Drawing("", 600, 400, List.of(names), List.of(), List.of(), ""));
    }

    private static Mark.Caption name(double x, double y, double width, double height) {
        return new Mark.Caption(x, y, width, height, "TideGauge", "", false, Ink.SHEET, Ink.INK);
    }
}
