package dev.huella.desktop;

import dev.huella.core.conformance.Findings;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Palette;
import dev.huella.core.drawing.PictureFormat;
import dev.huella.core.drawing.PngPainter;
import dev.huella.core.drawing.SvgPainter;
import dev.huella.core.exchange.xmi.UmlModelBuilder;
import dev.huella.core.exchange.xmi.XmiWriter;
import dev.huella.core.project.Project;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javax.xml.stream.XMLStreamException;

/** Gives a drawing away exactly as it is seen: to a file, to the clipboard, or dragged out. */
final class DrawingHandOver {
    private static final double SCALE = 2;
    private final Session session;

    DrawingHandOver(Session session) {
        this.session = session;
    }

    private Palette palette() {
        return session.dark().get() ? Palette.DARK : Palette.LIGHT;
    }

    /** A name for a file with this drawing. */
    static String name(Drawing drawing, String ending) {
        return drawing.title().replaceAll("[^\\p{Alnum}]+", "-").replaceAll("^-|-$", "").toLowerCase(Locale.ROOT)
                + ending;
    }

    /** Writes in the background; the ending chooses the format, SVG when it has none. Tells when it is done. */
    void write(Drawing drawing, Path chosen) {
        Path file = PictureFormat.of(chosen.toString()) == null && !chosen.toString().endsWith(".xmi")
                ? chosen.resolveSibling(chosen.getFileName() + ".svg")
                : chosen;
        Palette palette = palette();
        Project project = session.project().get();
        Findings findings = session.findings().get();
        Thread.ofVirtual().name("export").start(() -> {
            String told;
            try {
                if (file.toString().endsWith(".xmi")) {
                    xmi(drawing, project, findings, file);
                } else {
                    try (var out = Files.newOutputStream(file)) {
                        PictureFormat.of(file.toString()).write(drawing, palette, SCALE, out);
                    }
                }
                told = "Written to " + file + ".";
            } catch (IOException | XMLStreamException e) {
                told = "%s could not be written: %s. Choose another folder.".formatted(file, e.getMessage());
            }
            String last = told;
            Platform.runLater(() -> session.message().set(last));
        });
    }

    private static void xmi(Drawing drawing, Project project, Findings findings, Path file)
            throws IOException, XMLStreamException {
        var model = new UmlModelBuilder(project.name(), project.model()).with(drawing);
        findings.all().forEach(finding -> model.with(finding.instance()));
        try (var out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            XmiWriter.write(model.build(), out);
        }
    }

    /** Puts the drawing on the clipboard as a picture and as SVG. The picture is made in the background. */
    void copy(Drawing drawing) {
        Palette palette = palette();
        Thread.ofVirtual().name("copy").start(() -> {
            var picture = PngPainter.image(drawing, palette, SCALE);
            String svg = SvgPainter.paint(drawing, palette);
            Platform.runLater(() -> {
                var content = new ClipboardContent();
                content.putImage(image(picture));
                content.putString(svg);
                Clipboard.getSystemClipboard().setContent(content);
                session.message().set("The drawing is on the clipboard, as a picture and as SVG.");
            });
        });
    }

    /** What is dragged out: an SVG file, and its text. */
    ClipboardContent dragged(Drawing drawing) throws IOException {
        Path folder = Files.createTempDirectory("huella");
        Path file = folder.resolve(name(drawing, ".svg"));
        String svg = SvgPainter.paint(drawing, palette());
        Files.writeString(file, svg);
        folder.toFile().deleteOnExit();
        file.toFile().deleteOnExit();
        var content = new ClipboardContent();
        content.putFiles(List.of(file.toFile()));
        content.putString(svg);
        return content;
    }

    private static Image image(java.awt.image.BufferedImage picture) {
        return SwingFXUtils.toFXImage(picture, null);
    }
}
