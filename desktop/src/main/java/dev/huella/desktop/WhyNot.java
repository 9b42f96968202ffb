package dev.huella.desktop;

import dev.huella.core.match.Reasoning.Outcome;
import dev.huella.core.match.Reasoning.Reading;
import dev.huella.core.match.Reasoning.Step;
import dev.huella.core.model.CodeType;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Asks of one type why it is not a pattern: the clauses that hold and those that fail. */
final class WhyNot {
    private final Session session;
    private final Function<SourceSpan, Hyperlink> place;
    private final VBox answer = new VBox(4);

    WhyNot(Session session, Function<SourceSpan, Hyperlink> place) {
        this.session = session;
        this.place = place;
    }

    Node of(CodeType type) {
        var patterns = new ComboBox<String>();
        patterns.setId("why-not");
        patterns.setPromptText("Why is it not …");
        patterns.setAccessibleText("Choose a pattern to see why this type is not one");
        session.catalogue().definitions().stream().map(PatternDefinition::id).forEach(patterns.getItems()::add);
        patterns.setOnAction(event -> ask(type, patterns.getValue()));
        return new VBox(6, patterns, answer);
    }

    private void ask(CodeType type, String pattern) {
        Project project = session.project().get();
        PatternDefinition definition = session.catalogue().definition(pattern);
        answer.getChildren().setAll(ReadingPane.wrapped("Asking each clause …", "hint"));
        Thread.ofVirtual().name("why not").start(() -> {
            List<Reading> readings = project.explain(definition, List.of(type.qualifiedName())).readings();
            Platform.runLater(() -> show(readings, pattern));
        });
    }

    private void show(List<Reading> readings, String pattern) {
        answer.getChildren().clear();
        if (readings.isEmpty()) {
            return;
        }
        Reading best = readings.getFirst();
        answer.getChildren()
                .add(ReadingPane.wrapped(best.whole()
                        ? "It is " + Words.withArticle(pattern) + "."
                        : "As %s, %d of %d clauses do not hold.".formatted(String.join(", ", best.playing().keySet()),
                                best.missing(), best.steps().size()),
                        "strong"));
        best.decidedAgainst()
                .forEach((other, fact) -> answer.getChildren()
                        .add(ReadingPane.wrapped("Rather %s: %s.".formatted(Words.withArticle(other), fact),
                                "second")));
        for (Outcome outcome : List.of(Outcome.FAILED, Outcome.UNDECIDED, Outcome.HELD)) {
            best.steps()
                    .stream()
                    .filter(step -> step.outcome() == outcome)
                    .forEach(step -> answer.getChildren().add(row(step)));
        }
    }

    private Node row(Step step) {
        var text = new Label(switch (step.outcome()) {
            case HELD -> "holds: ";
            case FAILED -> "fails: ";
            case UNDECIDED -> "not asked: ";
        } + step.clause());
        text.setWrapText(true);
        text.setMinWidth(0);
        text.setMaxWidth(Double.MAX_VALUE);
        text.getStyleClass().add(step.outcome() == Outcome.FAILED ? "strong" : "second");
        HBox.setHgrow(text, Priority.ALWAYS);
        var row = new HBox(8, text);
        row.setAlignment(Pos.TOP_LEFT);
        step.places().stream().findFirst().ifPresent(at -> row.getChildren().add(place.apply(at)));
        return row;
    }
}
