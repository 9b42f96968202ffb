package dev.huella.desktop;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** What a package holds, which other packages it needs, and which need it. */
final class PackageReading {
    private final Session session;
    private final String name;

    PackageReading(Session session, String name) {
        this.session = session;
        this.name = name;
    }

    List<Node> rows() {
        Model model = session.project().get().model();
        Map<String, Integer> needs = new TreeMap<>();
        Map<String, Integer> needed = new TreeMap<>();
        for (Relation relation : model.relations()) {
            boolean from = inside(relation.from());
            boolean to = inside(relation.to());
            if (from && !to && !relation.to().external()) {
                needs.merge(relation.to().namespace(), 1, Integer::sum);
            } else if (to && !from) {
                needed.merge(relation.from().namespace(), 1, Integer::sum);
            }
        }
        long types = model.declared()
                .stream()
                .filter(type -> inside(type) && type.kind() != TypeKind.FUNCTION && !type.anonymous())
                .count();
        List<Node> rows = new ArrayList<>();
        rows.add(ReadingPane.heading(name.isEmpty() ? "no package" : name, Words.count((int) types, "type")));
        list("What it needs", needs, "It stands alone: no other package of this code.", rows);
        list("What needs it", needed, "No other package of this code.", rows);
        return rows;
    }

    private boolean inside(CodeType type) {
        return !type.external() && (type.namespace().equals(name)
                || !name.isEmpty() && type.namespace().startsWith(name + "."));
    }

    private void list(String title, Map<String, Integer> packages, String none, List<Node> rows) {
        rows.add(ReadingPane.heading(title, "%,d".formatted(packages.size())));
        if (packages.isEmpty()) {
            rows.add(ReadingPane.wrapped(none, "hint"));
        }
        packages.forEach((other, count) -> {
            var link = new Hyperlink(other.isEmpty() ? "no package" : other);
            link.getStyleClass().add("place");
            link.setMinWidth(0);
            link.setMaxWidth(Double.MAX_VALUE);
            link.setTextOverrun(OverrunStyle.LEADING_ELLIPSIS); // the last part tells packages apart
            HBox.setHgrow(link, Priority.ALWAYS);
            link.setOnAction(event -> session.look(new Focus.OfPackage(other)));
            Label relations = TopBar.styled(new Label(Words.count(count, "relation")), "hint");
            relations.setMinWidth(Region.USE_PREF_SIZE);
            rows.add(new HBox(8, link, relations));
        });
    }
}
