package dev.huella.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.ScopeDiagram;
import dev.huella.core.diagram.View;
import dev.huella.core.layout.ClassLayout;
import dev.huella.core.model.Model;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What is exported is what is seen, in every format. */
class PaintersTest {
    private static final Model MODEL = CodeBase.of("""
            package port; interface Berth<T> { boolean takes(T ship); } class Quay implements Berth<Ship> {
              static int count; Ship moored; public boolean takes(Ship ship) { return ship != null; } }
            class Ship { } class Desk { java.util.List<Quay> quays; }""");
    private static final Drawing DRAWING = ClassLayout.layOut(ScopeDiagram.of(MODEL, new Scope.Everything(),
            View.USUAL.framed(true)));

    private static byte[] written(PictureFormat format) throws Exception {
        var out = new ByteArrayOutputStream();
        format.write(DRAWING, Palette.LIGHT, 1, out);
        return out.toByteArray();
    }

    @Test
    void thePdfShowsTheSamePictureWithTextThatCanBeFound() throws Exception {
        try (var document = Loader.loadPDF(written(PictureFormat.PDF))) {
            assertThat(new PDFTextStripper().getText(document)).contains("Berth<T>", "takes(Ship)", "quays");
            BufferedImage pdf = new PDFRenderer(document).renderImage(0);
            assertThat(difference(pdf, PngPainter.image(DRAWING, Palette.LIGHT, 1))).isLessThan(0.03);
        }
        assertThat(written(PictureFormat.PDF)).isEqualTo(written(PictureFormat.PDF));
    }

    /** The part of all pixels that are clearly lighter or darker in one than in the other. */
    private static double difference(BufferedImage one, BufferedImage other) {
        int width = Math.min(one.getWidth(), other.getWidth());
        int height = Math.min(one.getHeight(), other.getHeight());
        assertThat(one.getWidth()).isCloseTo(other.getWidth(), org.assertj.core.data.Offset.offset(2));
        int differ = 0;
        for (int x = 1; x < width - 1; x++) {
            for (int y = 1; y < height - 1; y++) {
                differ += Math.abs((one.getRGB(x, y) & 0xFF) - (other.getRGB(x, y) & 0xFF)) > 90 ? 1 : 0;
            }
        }
        return differ / (double) (width * height);
    }

    @Test
    void theSvgKeepsTextAsTextAndSaysWhatItShows() throws Exception {
        String svg = new String(written(PictureFormat.SVG), StandardCharsets.UTF_8);
        var root = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
                .getDocumentElement();
        assertThat(root.getAttribute("aria-labelledby")).isEqualTo("title desc");
        assertThat(root.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("All types");
        assertThat(root.getElementsByTagName("desc").item(0).getTextContent()).contains("Berth, Quay, Ship, Desk");
        assertThat(root.getAttribute("font-family")).contains(Fonts.FAMILY);
        assertThat(svg).contains(">Berth&lt;T&gt;</text>");
    }

    @Test
    void aPictureHasAsManyPixelsAsItsScaleAsks() {
        assertThat(PngPainter.image(DRAWING, Palette.DARK, 3).getWidth())
                .isEqualTo((int) Math.ceil(DRAWING.width() * 3));
    }

    @Test
    void twoDrawingsStandBesideEachOther() {
        Drawing both = DRAWING.beside(DRAWING, 40, "twice");
        assertThat(both.width()).isEqualTo(DRAWING.width() * 2 + 40);
        assertThat(both.marks()).hasSize(DRAWING.marks().size() * 2 + 1);
        Drawing.Area first = DRAWING.areas().stream().filter(area -> area.box() != null).findFirst().orElseThrow();
        assertThat(both.boxAt(first.x() + DRAWING.width() + 45, first.y() + 5).box()).isEqualTo(first.box());
    }

    @Test
    void formatsAreKnownByTheirEndings() {
        assertThat(List.of("a.svg", "b.PNG", "c.x.pdf")).map(PictureFormat::of)
                .containsExactly(PictureFormat.SVG, PictureFormat.PNG, PictureFormat.PDF);
        assertThat(PictureFormat.of("a.gif")).isNull();
    }
}
