package dev.huella.core.molde;

import java.util.ArrayList;
import java.util.List;

/** What a person should know of a pattern, in plain words and by headings. */
public record DefinitionPage(List<Section> sections) {
    private static final String HEAD = "## ";

    public DefinitionPage {
        sections = List.copyOf(sections);
    }

    /** One heading and what stands below it, as one paragraph. */
    public record Section(String heading, String text) {}

    /** Reads {@code ## heading} lines, each with its paragraph. What stands before the first heading is left out. */
    static DefinitionPage of(String text) {
        List<Section> found = new ArrayList<>();
        for (String part : ("\n" + text.replace("\r\n", "\n")).split("\n" + HEAD)) {
            int end = part.indexOf('\n');
            if (end > 0) {
                found.add(new Section(part.substring(0, end).strip(),
                        part.substring(end).strip().replaceAll("\\s+", " ")));
            }
        }
        return new DefinitionPage(found);
    }
}
