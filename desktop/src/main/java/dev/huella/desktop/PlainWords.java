package dev.huella.desktop;

import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.DefinitionPage;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What a person should know of a pattern, below what was found of it. */
final class PlainWords {
    private final Catalogue catalogue;

    PlainWords(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The whole page; empty for a pattern without one. */
    List<Node> of(String pattern) {
        return sections(pattern, Integer.MAX_VALUE);
    }

    /** Only what the pattern is for. */
    List<Node> purpose(String pattern) {
        return sections(pattern, 1);
    }

    private List<Node> sections(String pattern, int most) {
        DefinitionPage page = catalogue.page(pattern);
        List<Node> nodes = new ArrayList<>();
        if (page != null) {
            nodes.add(ReadingPane.heading(Words.pattern(pattern) + " in plain words", ""));
            page.sections().stream().limit(most).forEach(section -> {
                Label head = TopBar.styled(new Label(section.heading()), "strong");
                nodes.add(new VBox(1, head, ReadingPane.wrapped(section.text(), "second")));
            });
        }
        return nodes;
    }
}
