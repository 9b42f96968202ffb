package dev.huella.bench;

import dev.huella.core.diagram.Detail;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.ScopeDiagram;
import dev.huella.core.diagram.View;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Line;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.layout.ClassLayout;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Lays out class diagrams of 50, 300 and 3,000 types of a code base, first cold and then once more, and counts how often
 * lines cross each other and boxes.
 */
public final class Layouts {
    private static final int[] SIZES = {50, 300, 3_000};
    private final PrintStream out = new PrintStream(new java.io.FileOutputStream(java.io.FileDescriptor.out), true);

    private Layouts() {}

    /** Argument: the source. */
    public static void main(String[] arguments) throws Exception {
        new Layouts().run(Path.of(arguments[0]));
    }

    private void run(Path source) throws Exception {
        Project project = Project.read(List.of(source), SourceFilter.ALL, Work.QUIET);
        List<CodeType> types = project.model()
                .declared()
                .stream()
                .filter(type -> type.kind() != TypeKind.FUNCTION && !type.anonymous())
                .toList();
        for (int size : SIZES) {
            if (size <= types.size()) {
                for (boolean framed : new boolean[]{false, true}) {
                    measure(project, types.subList(0, size), framed);
                }
            }
        }
    }

    private void measure(Project project, List<CodeType> types, boolean framed) {
        View view = View.USUAL.framed(framed).with(types.size() > 300 ? Detail.NAMES : Detail.USUAL);
        var diagram = ScopeDiagram.of(project.model(), new Scope.Picked("bench", types), view);
        double[] seconds = new double[types.size() > 300 ? 1 : 2];
        Drawing drawing = Drawing.EMPTY;
        for (int i = 0; i < seconds.length; i++) {
            long start = System.nanoTime();
            drawing = ClassLayout.layOut(diagram);
            seconds[i] = (System.nanoTime() - start) / 1e9;
        }
        out.printf(Locale.ROOT,
                "%,5d types%s, %,5d lines: %.2f s, again %.2f s; %,d x %,d units; %,d crossings, %,d lines through boxes%n",
                types.size(), framed ? " in frames" : "", diagram.links().size(), seconds[0],
                seconds[seconds.length - 1], (int) drawing.width(), (int) drawing.height(), crossings(drawing),
                throughBoxes(drawing));
    }

    /** How often a level stretch of one line crosses an upright one of another. */
    private static long crossings(Drawing drawing) {
        long found = 0;
        List<Line> lines = drawing.lines();
        for (int one = 0; one < lines.size(); one++) {
            for (int other = one + 1; other < lines.size(); other++) {
                found += crossings(lines.get(one).points(), lines.get(other).points());
            }
        }
        return found;
    }

    private static int crossings(List<Point> one, List<Point> other) {
        int found = 0;
        for (int i = 1; i < one.size(); i++) {
            for (int j = 1; j < other.size(); j++) {
                found += cross(one.get(i - 1), one.get(i), other.get(j - 1), other.get(j))
                        || cross(other.get(j - 1), other.get(j), one.get(i - 1), one.get(i)) ? 1 : 0;
            }
        }
        return found;
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        return a.y() == b.y() && c.x() == d.x() && Math.min(a.x(), b.x()) < c.x() && c.x() < Math.max(a.x(), b.x())
                && Math.min(c.y(), d.y()) < a.y() && a.y() < Math.max(c.y(), d.y());
    }

    private static long throughBoxes(Drawing drawing) {
        List<Drawing.Area> boxes = drawing.areas()
                .stream()
                .filter(area -> area.box() != null && area.element() != null)
                .toList();
        return drawing.lines()
                .stream()
                .filter(line -> boxes.stream().anyMatch(box -> through(line.points(), box)))
                .count();
    }

    private static boolean through(List<Point> line, Drawing.Area box) {
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            Point b = line.get(i);
            if (Math.max(a.x(), b.x()) > box.x() + 1 && Math.min(a.x(), b.x()) < box.x() + box.width() - 1
                    && Math.max(a.y(), b.y()) > box.y() + 17
                    && Math.min(a.y(), b.y()) < box.y() + box.height() - 17) {
                return true;
            }
        }
        return false;
    }
}
