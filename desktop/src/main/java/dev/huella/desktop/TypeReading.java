package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Relation;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** What is known of a type: its relations with the lines that cause them, and the roles it plays. */
final class TypeReading {
    private static final int MOST = 40;
    private static final int FEW = 5;
    private static final int ROOM = 40;
    private final Session session;
    private final Function<SourceSpan, Hyperlink> place;

    TypeReading(Session session, Function<SourceSpan, Hyperlink> place) {
        this.session = session;
        this.place = place;
    }

    List<Node> of(CodeType type) {
        List<Node> found = new ArrayList<>();
        found.add(ReadingPane.heading(type.name(), "%s · %s".formatted(
                Words.count(type.fields().size(), "field"), Words.count(type.operations().size(), "operation"))));
        if (type.place() != null) {
            found.add(place.apply(type.place()));
        }
        roles(type, found);
        if (type.place() != null) {
            found.add(new WhyNot(session, place).of(type));
        }
        relations("What it needs", type, true, found);
        relations("What needs it", type, false, found);
        return found;
    }

    /** What it does itself comes first; of the finds that it merely uses, a few stand for all. */
    private void roles(CodeType type, List<Node> into) {
        List<Node> rows = new ArrayList<>();
        List<Node> client = new ArrayList<>();
        for (Finding finding : session.findings().get().all()) {
            finding.instance().players().forEach((role, players) -> {
                if (players.stream().anyMatch(player -> player.element() == type)) {
                    (role.equals("client") ? client : rows).add(role(finding, role));
                }
            });
        }
        rows.addAll(client.subList(0, Math.min(FEW, client.size())));
        if (!rows.isEmpty()) {
            into.add(ReadingPane.heading("What it plays", ""));
            into.addAll(rows);
        }
        if (client.size() > FEW) {
            into.add(ReadingPane.wrapped("and a client in %,d more".formatted(client.size() - FEW), "hint"));
        }
    }

    private Node role(Finding finding, String role) {
        var focus = new Focus.OfFind(finding);
        var link = new Hyperlink(focus.title());
        link.getStyleClass().add("place");
        link.setMinWidth(0);
        link.setOnAction(event -> {
            session.stage().set(WorkStage.FINDS);
            session.look(focus);
        });
        var label = new Label("%s in %s".formatted(role, Words.withArticle(finding.instance().pattern().id())));
        label.setMinWidth(Region.USE_PREF_SIZE);
        return new HBox(6, label, link);
    }

    private void relations(String title, CodeType type, boolean outgoing, List<Node> into) {
        List<Relation> all = session.project()
                .get()
                .model()
                .relations()
                .stream()
                .filter(relation -> (outgoing ? relation.from() : relation.to()) == type)
                .toList();
        into.add(ReadingPane.heading(title, "%,d".formatted(all.size())));
        if (all.isEmpty()) {
            into.add(ReadingPane.wrapped(outgoing ? "No other type." : "Nothing in this code.", "hint"));
        }
        for (Relation relation : all.subList(0, Math.min(MOST, all.size()))) {
            CodeType other = outgoing ? relation.to() : relation.from();
            var text = new Label("%s %s%s".formatted(verb(relation, outgoing), other.name(),
                    relation.role().isEmpty() ? "" : " as " + relation.role()));
            text.setMinWidth(0);
            text.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(text, Priority.ALWAYS);
            var row = new HBox(8, text);
            row.setAlignment(Pos.CENTER_LEFT);
            relation.places().stream().limit(places(relation)).forEach(at -> row.getChildren().add(place.apply(at)));
            into.add(row);
        }
        if (all.size() > MOST) {
            into.add(ReadingPane.wrapped("and %,d more".formatted(all.size() - MOST), "hint"));
        }
    }

    /** How many places have room in a row: two, unless the names of their files are long. */
    private static int places(Relation relation) {
        int letters = relation.places()
                .stream()
                .limit(2)
                .mapToInt(at -> at.file().length() - at.file().lastIndexOf('/'))
                .sum();
        return letters > ROOM ? 1 : 2;
    }

    private static String verb(Relation relation, boolean outgoing) {
        return switch (relation.kind()) {
            case GENERALIZATION -> outgoing ? "inherits" : "inherited by";
            case REALIZATION -> outgoing ? "realises" : "realised by";
            case COMPOSITION -> outgoing ? "owns" : "part of";
            case AGGREGATION -> outgoing ? "shares" : "shared by";
            case ASSOCIATION -> outgoing ? "holds" : "held by";
            case NESTING -> outgoing ? "stands inside" : "contains";
            case DEPENDENCY -> switch (relation.stereotype()) {
                case "create" -> outgoing ? "creates" : "created by";
                case "call" -> outgoing ? "calls" : "called by";
                default -> outgoing ? "uses" : "used by";
            };
        };
    }
}
