package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance.Fact;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.source.SourceSpan;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Why: facts, obligations with verdicts and their lines, and what the find was told apart from. */
final class ReadingPane {
    private static final double WIDTH = 372;
    private final Session session;
    private final VBox body = new VBox();
    private final ScrollPane node = new ScrollPane(body);
    private final Snippets snippets;

    ReadingPane(Session session) {
        this.session = session;
        snippets = new Snippets(session);
        body.setId("reading");
        body.getStyleClass().add("reading-body");
        node.getStyleClass().add("reading");
        node.setFitToWidth(true);
        node.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        node.setMinWidth(WIDTH);
        node.setMaxWidth(WIDTH);
        session.focus().addListener(change -> show());
        show();
    }

    Node node() {
        return node;
    }

    private void show() {
        if (session.focus().get() instanceof Focus.OfFile file) {
            if (session.stage().get() == WorkStage.INTAKE) {
                body.getChildren().setAll(new FileReading(session, this::place).of(file.path()));
            }
            return; // elsewhere the reasons stay beside the file they led to
        }
        body.getChildren().clear();
        node.setVvalue(0);
        switch (session.focus().get()) {
            case Focus.OfFind(Finding finding) -> find(finding);
            case Focus.OfVerdict(Finding finding, Verdict verdict) -> obligation(finding, verdict);
            case Focus.OfOperation(var operation) -> operation(operation);
            case Focus.OfSet(String name, List<CodeType> types) -> {
                body.getChildren().add(heading(name, Words.count(types.size(), "type")));
                types.forEach(type -> body.getChildren().add(type(type)));
            }
            case Focus.OfWhole _ -> body.getChildren()
                    .addAll(heading("The whole code base", ""),
                            wrapped("Each box is a package. A line says that something in one needs something in "
                                    + "another. A click on a package opens it in place.", "second"));
            case Focus.OfOpportunity(Opportunity opportunity) -> opportunity(opportunity);
            case Focus.OfMiss(NearMiss miss) -> miss(miss);
            case Focus.OfType(CodeType type) -> body.getChildren()
                    .addAll(new TypeReading(session, this::place).of(type));
            case Focus.OfPackage(String name) ->
                body.getChildren().addAll(new PackageReading(session, name).rows());
            case Focus.OfFile _, Focus.Nothing _ -> body.getChildren()
                    .add(wrapped("What is chosen is explained here, with the lines that show it.", "hint"));
        }
    }

    private void find(Finding finding) {
        var instance = finding.instance();
        body.getChildren()
                .add(heading("Why this is " + Words.withArticle(instance.pattern().id()),
                        "%.0f of 100, by %d facts".formatted(instance.confidence() * 100, instance.facts().size())));
        instance.facts().forEach(fact -> body.getChildren().add(fact(fact)));
        body.getChildren()
                .add(heading("What it owes", "%d broken · %d open · %d met".formatted(
                        finding.count(Kind.BROKEN), finding.count(Kind.OPEN), finding.count(Kind.MET))));
        for (Kind kind : List.of(Kind.BROKEN, Kind.OPEN, Kind.MET)) {
            finding.verdicts()
                    .stream()
                    .filter(verdict -> verdict.kind() == kind)
                    .forEach(verdict -> body.getChildren().add(verdict(verdict)));
        }
        if (!instance.alternatives().isEmpty()) {
            body.getChildren().add(heading("Read another way", ""));
            instance.alternatives().forEach(other -> {
                var name = TopBar.styled(new Label(Words.pattern(other.pattern()) + "?"), "strong");
                name.setMinWidth(Region.USE_PREF_SIZE);
                body.getChildren().add(new VBox(1, name, wrapped("No: " + other.decidedBy() + ".", "second")));
            });
        }
        body.getChildren().addAll(plainWords().of(instance.pattern().id()));
    }

    private PlainWords plainWords() {
        return new PlainWords(session.catalogue());
    }

    private void obligation(Finding finding, Verdict verdict) {
        body.getChildren().add(heading("The obligation", verdict.kind().word()));
        body.getChildren().add(verdict(verdict));
        Set<String> lines = new HashSet<>();
        verdict.places()
                .stream()
                .filter(place -> lines.add(place.file() + place.line()))
                .skip(1)
                .limit(3)
                .forEach(place -> body.getChildren().add(indented(snippets.of(place))));
        body.getChildren().add(heading("The rule in the words of the definition", ""));
        body.getChildren().add(wrapped(verdict.obligation().owed().text(), "second"));
        var link = new Hyperlink("The find it belongs to");
        link.getStyleClass().add("place");
        link.setOnAction(event -> {
            session.stage().set(WorkStage.FINDS);
            session.look(new Focus.OfFind(finding));
        });
        body.getChildren().add(link);
        List<Verdict> others = finding.verdicts()
                .stream()
                .filter(other -> other != verdict && other.kind() != Kind.MET)
                .toList();
        if (!others.isEmpty()) {
            body.getChildren().add(heading("Else not kept here", ""));
            others.forEach(other -> body.getChildren().add(verdict(other)));
        }
    }

    private void operation(Operation operation) {
        body.getChildren().add(heading(operation.home().name() + "." + operation.name(), ""));
        if (operation.place() != null) {
            body.getChildren().addAll(place(operation.place()), snippets.of(operation.place()));
        }
        body.getChildren()
                .add(wrapped("The calls are read off the code without running it: where several may answer, the head "
                        + "of the lifeline names them; conditions are quoted where they stand on one line.",
                        "second"));
    }

    private void opportunity(Opportunity opportunity) {
        body.getChildren()
                .add(heading("Suggested: " + opportunity.suggests()
                        .stream()
                        .map(one -> one.replace('-', ' '))
                        .collect(Collectors.joining(", or ")), ""));
        body.getChildren().add(wrapped(Words.sentence(opportunity.why()), "strong"));
        body.getChildren().add(wrapped(opportunity.definition().about(), "second"));
        opportunity.places().stream().limit(3).forEach(place -> body.getChildren().add(snippets.of(place)));
        body.getChildren().add(places(opportunity.places()));
        body.getChildren()
                .add(heading("One more case changes today", Words.count(opportunity.touches().size(), "file")));
        opportunity.touchedTypes().forEach(type -> body.getChildren().add(type(type)));
        body.getChildren().add(heading("With the pattern it changes", ""));
        body.getChildren().add(wrapped(Words.sentence(opportunity.afterwards()), "second"));
        body.getChildren().add(wrapped("A suggestion, not a verdict.", "hint"));
        opportunity.suggests().forEach(one -> body.getChildren().addAll(plainWords().purpose(one)));
    }

    private void miss(NearMiss miss) {
        body.getChildren().add(heading("Nearly " + Words.withArticle(miss.pattern().id()), "one clause is missing"));
        body.getChildren().add(wrapped(miss.missing(), "strong"));
        body.getChildren().add(heading("What is there", ""));
        miss.players()
                .forEach((role, players) -> body.getChildren()
                        .add(wrapped(role.replace('-', ' ') + ": " + players.stream()
                                .map(player -> player.element().name())
                                .distinct()
                                .collect(Collectors.joining(", ")), "second")));
        body.getChildren().add(places(miss.places()));
        body.getChildren().addAll(plainWords().of(miss.pattern().id()));
    }

    private Node type(CodeType type) {
        var name = new Label(type.name());
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        var row = new HBox(8, name);
        if (type.place() != null) {
            row.getChildren().add(place(type.place()));
        }
        return row;
    }

    private Node fact(Fact fact) {
        var text = new Label("•  " + fact.text());
        text.setWrapText(true);
        text.setMinWidth(0);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        var box = new HBox(8, text);
        box.setAlignment(Pos.TOP_LEFT);
        fact.places().stream().findFirst().ifPresent(place -> box.getChildren().add(place(place)));
        return box;
    }

    private Node verdict(Verdict verdict) {
        var title = new Label(verdict.obligation().about());
        title.setWrapText(true);
        title.setMinWidth(0);
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        var level = TopBar.styled(new Label(verdict.obligation().level().word()), "hint");
        level.setMinWidth(Region.USE_PREF_SIZE);
        var head = new HBox(8, VerdictSign.of(verdict.kind()), title, level);
        head.setAlignment(Pos.TOP_LEFT);
        var box = new VBox(4, head);
        if (verdict.kind() != Kind.MET) {
            title.getStyleClass().add("strong");
            box.getChildren().add(indented(wrapped(verdict.why(), "second")));
            verdict.places().stream().findFirst().ifPresent(place -> {
                box.getChildren().add(indented(snippets.of(place)));
                box.getChildren().add(indented(places(verdict.places())));
            });
        }
        return box;
    }

    private Node places(List<SourceSpan> places) {
        var box = new javafx.scene.layout.FlowPane(10, 2);
        Set<String> lines = new HashSet<>();
        places.stream()
                .filter(place -> lines.add(place.file() + place.line()))
                .limit(4)
                .forEach(place -> box.getChildren().add(place(place)));
        return box;
    }

    private static Node indented(Node inner) {
        var box = new VBox(inner);
        box.setStyle("-fx-padding: 0 0 0 18;");
        return box;
    }

    /** A link to a line; one step to the whole file. */
    private Hyperlink place(SourceSpan place) {
        String file = place.file().substring(place.file().lastIndexOf('/') + 1);
        String name = file.contains(".") ? file.substring(0, file.lastIndexOf('.')) : file;
        var link = new Hyperlink(name + " " + place.line());
        link.getStyleClass().add("place");
        link.setMinWidth(Region.USE_PREF_SIZE);
        link.setAccessibleText("Open %s at line %d".formatted(file, place.line()));
        link.setOnAction(event -> session.look(new Focus.OfFile(place.file(), place.line(), session.focus().get())));
        return link;
    }

    static HBox heading(String title, String end) {
        var label = TopBar.styled(new Label(title), "heading");
        label.setMinWidth(0);
        label.setWrapText(true);
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        var note = TopBar.styled(new Label(end), "hint");
        note.setMinWidth(Region.USE_PREF_SIZE);
        var box = new HBox(6, label, space, note);
        box.setAlignment(Pos.BASELINE_LEFT);
        box.setStyle("-fx-padding: 8 0 2 0;");
        return box;
    }

    static Label wrapped(String text, String style) {
        var label = TopBar.styled(new Label(text), style);
        label.setWrapText(true);
        return label;
    }
}
