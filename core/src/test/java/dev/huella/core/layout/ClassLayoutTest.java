package dev.huella.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.ScopeDiagram;
import dev.huella.core.diagram.View;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.Palette;
import dev.huella.core.drawing.PngPainter;
import dev.huella.core.drawing.SvgPainter;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class ClassLayoutTest {
    private static final Model MODEL = CodeBase
            .of("""
                    interface Line { int load(); } class Hemp implements Line { public int load() { return 1; } }
                    class Steel implements Line { Steel next; public int load() { return 2; } }
                    class Gang { Line line = new Hemp(); java.util.List<Steel> steels; void work(Steel s) { s.load(); } }
                    abstract class Port { Gang gang; Port(Gang g) { gang = g; } abstract <T extends Line> T best(java.util.List<T> all); }""");

    private static List<Area> boxes(Drawing drawing) {
        return drawing.areas().stream().filter(area -> area.element() instanceof CodeType).toList();
    }

    @Test
    void boxesDoNotOverlapAndLinesDoNotCrossThem() {
        Drawing drawing = ClassLayout.layOut(ScopeDiagram.of(MODEL, new Scope.Everything(), View.USUAL));
        List<Area> boxes = boxes(drawing);
        assertThat(boxes).hasSize(5);
        for (Area one : boxes) {
            for (Area other : boxes) {
                assertThat(one == other || one.x() + one.width() <= other.x() || other.x() + other.width() <= one.x()
                        || one.y() + one.height() <= other.y() || other.y() + other.height() <= one.y()).isTrue();
            }
        }
        for (Mark mark : drawing.marks()) {
            if (mark instanceof Mark.Path path && path.points().size() > 3) {
                path.points()
                        .subList(1, path.points().size() - 1)
                        .forEach(point -> assertThat(boxes)
                                .noneMatch(box -> box.holds(point.x(), point.y())));
            }
        }
    }

    @Test
    void theSameDiagramGetsTheSameDrawing() {
        String first = SvgPainter.paint(ClassLayout.layOut(ScopeDiagram.of(MODEL, new Scope.Everything(), View.USUAL)),
                Palette.LIGHT);
        String second = SvgPainter.paint(ClassLayout.layOut(ScopeDiagram.of(MODEL, new Scope.Everything(), View.USUAL)),
                Palette.LIGHT);
        assertThat(first).isEqualTo(second).contains("«interface»").contains("+ load(): int").doesNotContain("<T>");
    }

    @Test
    void whatIsPointedAtIsFound() {
        Drawing drawing = ClassLayout.layOut(ScopeDiagram.of(MODEL, new Scope.Everything(), View.USUAL));
        Area gang = boxes(drawing).stream()
                .filter(area -> area.element().name().equals("Gang"))
                .findFirst()
                .orElseThrow();
        assertThat(drawing.at(gang.x() + gang.width() / 2, gang.y() + 6)).isEqualTo(gang.element());
        assertThat(drawing.at(-5, -5)).isNull();
    }

    @Test
    void aPictureHasTheSizeOfItsDrawing() throws Exception {
        Drawing drawing = ClassLayout.layOut(ScopeDiagram.of(MODEL,
                new Scope.Around(CodeBase.type(MODEL, "Gang"), 1), View.USUAL));
        var out = new ByteArrayOutputStream();
        PngPainter.paint(drawing, Palette.DARK, 2, out);
        var image = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
        assertThat(image.getWidth()).isEqualTo((int) Math.ceil(drawing.width() * 2));
    }

    @Test
    void supertypesStandAbove() {
        Drawing drawing = ClassLayout.layOut(ScopeDiagram.of(MODEL, new Scope.Everything(), View.USUAL));
        double line = y(drawing, "Line");
        assertThat(line).isLessThan(y(drawing, "Hemp")).isLessThan(y(drawing, "Steel"));
    }

    private static double y(Drawing drawing, String name) {
        return boxes(drawing).stream().filter(area -> area.element().name().equals(name)).findFirst().orElseThrow().y();
    }
}
