package dev.huella.desktop;

import dev.huella.core.project.Project;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.LanguageReader.Tint;
import dev.huella.core.reading.LanguageReaders;
import dev.huella.core.source.SourceText;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The lines of one file, each in parts that have one colour. Not for the interface thread: it parses. */
record CodeLines(List<List<Part>> lines) {
    /** A stretch of one line; {@code style} is empty for plain text. */
    record Part(String text, String style) {}

    static CodeLines of(Project project, String path) {
        SourceText text = project.text(path);
        LanguageReader reader = LanguageReaders.installed().forExtension(path.substring(path.lastIndexOf('.') + 1));
        if (text == null || reader == null) {
            return new CodeLines(List.of(List.of(new Part("This file is not there any more.", "comment"))));
        }
        var lines = new ArrayList<List<Part>>();
        lines.add(new ArrayList<>());
        int at = 0;
        for (Tint tint : reader.tints(text.utf8())) {
            if (tint.start() >= at) {
                add(text.utf8(), at, tint.start(), "", lines);
                add(text.utf8(), tint.start(), tint.end(), tint.kind().name().toLowerCase(Locale.ROOT), lines);
                at = tint.end();
            }
        }
        add(text.utf8(), at, text.utf8().length, "", lines);
        return new CodeLines(lines);
    }

    private static void add(byte[] utf8, int start, int end, String style, List<List<Part>> lines) {
        String text = new String(utf8, start, Math.max(0, end - start), StandardCharsets.UTF_8).replace("\r", "")
                .replace("\t", "    ");
        String[] parts = text.split("\n", -1);
        for (int i = 0; i < parts.length; i++) {
            if (i > 0) {
                lines.add(new ArrayList<>());
            }
            if (!parts[i].isEmpty()) {
                lines.getLast().add(new Part(parts[i], style));
            }
        }
    }
}
