package dev.huella.desktop;

import dev.huella.core.project.Project;
import dev.huella.core.source.SourceSpan;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.application.Platform;
import javafx.scene.layout.VBox;

/** The few lines around a place, in colour. Files are read in the background and kept while one project is open. */
final class Snippets {
    private static final double WIDTH = 318;
    /** What borders and line numbers take. */
    private static final double BESIDE = 66;
    private static final int BEFORE = 2;
    private static final int AFTER = 1;
    private final Session session;
    private final Map<String, CodeLines> read = new ConcurrentHashMap<>();

    Snippets(Session session) {
        this.session = session;
        session.project().addListener(change -> read.clear());
    }

    VBox of(SourceSpan place) {
        var box = new VBox();
        box.getStyleClass().add("code");
        box.setMinWidth(0);
        box.setMaxWidth(WIDTH);
        box.setPrefWidth(WIDTH);
        Project project = session.project().get();
        Thread.ofVirtual().name("snippet").start(() -> {
            CodeLines lines = read.computeIfAbsent(place.file(), file -> CodeLines.of(project, file));
            Platform.runLater(() -> fill(box, lines, place));
        });
        return box;
    }

    private static void fill(VBox box, CodeLines lines, SourceSpan place) {
        int first = Math.max(1, place.line() - BEFORE);
        int last = Math.min(lines.lines().size(), place.line() + AFTER);
        int shared = 99;
        for (int i = first; i <= last; i++) {
            var parts = lines.lines().get(i - 1);
            if (!parts.isEmpty()) {
                String text = parts.getFirst().text();
                shared = Math.min(shared,
                        text.isBlank() ? text.length() : text.length() - text.stripLeading().length());
            }
        }
        for (int i = first; i <= last; i++) {
            box.getChildren()
                    .add(CodeLineBox.wrapped(i, shifted(lines.lines().get(i - 1), shared), i == place.line(),
                            WIDTH - BESIDE));
        }
    }

    /** Without the indentation that all lines shown share. */
    private static java.util.List<CodeLines.Part> shifted(java.util.List<CodeLines.Part> parts, int by) {
        if (parts.isEmpty()) {
            return parts;
        }
        var shifted = new java.util.ArrayList<>(parts);
        CodeLines.Part first = shifted.getFirst();
        shifted.set(0, new CodeLines.Part(first.text().substring(Math.min(by, first.text().length())), first.style()));
        return shifted;
    }
}
