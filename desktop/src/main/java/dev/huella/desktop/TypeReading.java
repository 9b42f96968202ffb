package dev.huella.desktop;

import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Relation;
import dev.huella.core.project.Finding;
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

/** What is known of a type: its relations with the lines that cause them, and the roles it plays. */
final class TypeReading {
    private static final int MOST = 40;
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

    private void roles(CodeType type, List<Node> into) {
        List<Node> rows = new ArrayList<>();
        for (Finding finding : session.findings().get().all()) {
            PatternInstance instance = finding.instance();
            instance.players().forEach((role, players) -> {
                if (players.stream().anyMatch(player -> player.element() == type)) {
                    var focus = new Focus.OfFind(finding);
                    var link = new Hyperlink(focus.title());
                    link.getStyleClass().add("place");
                    link.setOnAction(event -> {
                        session.stage().set(WorkStage.FINDS);
                        session.look(focus);
                    });
                    rows.add(new HBox(6,
                            new Label("%s in %s".formatted(role, Words.withArticle(instance.pattern().id()))), link));
                }
            });
        }
        if (!rows.isEmpty()) {
            into.add(ReadingPane.heading("What it plays", ""));
            into.addAll(rows);
        }
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
            relation.places().stream().limit(2).forEach(at -> row.getChildren().add(place.apply(at)));
            into.add(row);
        }
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
