package dev.huella.desktop;

import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.project.Project;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Name, project, the command box, and either how far the work is or what the verdicts are. */
final class TopBar {
    private final HBox node = new HBox();
    private final Label name = new Label();
    private final Label about = new Label();
    private final HBox verdicts = new HBox(5);

    TopBar(Session session, CommandBox commands, Actions actions) {
        var brand = styled(new Label("Huella"), "brand");
        styled(name, "strong");
        styled(about, "second");
        List.of(brand, name, about).forEach(label -> label.setMinWidth(Region.USE_PREF_SIZE));
        Button back = tool("←", "Go back", session::back);
        back.disableProperty().bind(session.history().canGoBack().not());
        Button forward = tool("→", "Go forward", session::forward);
        forward.disableProperty().bind(session.history().canGoForward().not());
        var message = styled(new Label(), "second");
        message.textProperty().bind(session.message());
        message.setMaxWidth(360);
        message.setMinWidth(0); // of all in the bar, a long sentence is what gives way
        var whole = new Tooltip();
        whole.textProperty().bind(session.message());
        message.setTooltip(whole);
        var progress = new ProgressBar();
        progress.progressProperty().bind(session.done());
        progress.visibleProperty().bind(session.working());
        progress.managedProperty().bind(session.working());
        Button stop = tool("Stop", "Stop reading", session::stop);
        stop.visibleProperty().bind(session.working());
        stop.managedProperty().bind(session.working());
        verdicts.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        node.getStyleClass().add("bar");
        node.getChildren()
                .addAll(brand, name, about, space(), back, forward, commands.field(), space(), message, progress,
                        stop, verdicts, tool("Open …", "Open a folder", actions::openFolder));
        session.project().addListener((property, before, now) -> project(now));
        session.findings().addListener((property, before, now) -> counts(now));
    }

    Node node() {
        return node;
    }

    private void project(Project project) {
        name.setText(project.name());
        long lines = project.model().files().stream().mapToLong(file -> file.lines()).sum();
        about.setText("%,d types · %,d lines".formatted(project.model().declared().size(), lines));
    }

    private void counts(Findings findings) {
        verdicts.getChildren().clear();
        for (Kind kind : new Kind[]{Kind.BROKEN, Kind.OPEN, Kind.MET}) {
            long count = findings.all().stream().mapToLong(finding -> finding.count(kind)).sum();
            var label = new Label("%,d".formatted(count));
            label.setMinWidth(Region.USE_PREF_SIZE);
            label.setAccessibleText("%d obligations %s".formatted(count, kind.word()));
            verdicts.getChildren().addAll(VerdictSign.of(kind), label);
        }
    }

    static <L extends Label> L styled(L label, String style) {
        label.getStyleClass().add(style);
        return label;
    }

    static Button tool(String text, String meaning, Runnable run) {
        var button = new Button(text);
        button.getStyleClass().setAll("button", "tool");
        button.setAccessibleText(meaning);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> run.run());
        return button;
    }

    private static Region space() {
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        return space;
    }
}
