package dev.huella.desktop;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model.FileRead;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What was taken from one file, and what of it could not be read. */
final class FileReading {
    private final Session session;
    private final Function<SourceSpan, Hyperlink> place;

    FileReading(Session session, Function<SourceSpan, Hyperlink> place) {
        this.session = session;
        this.place = place;
    }

    List<Node> of(String path) {
        Project project = session.project().get();
        List<Node> found = new ArrayList<>();
        for (FileRead file : project.model().files()) {
            if (file.path().equals(path)) {
                found.add(ReadingPane.heading(path.substring(path.lastIndexOf('/') + 1),
                        "%s · %,d lines".formatted(Words.language(file.language()), file.lines())));
                problems(file, found);
            }
        }
        List<CodeType> types = project.model()
                .declared()
                .stream()
                .filter(type -> type.place() != null && type.place().file().equals(path))
                .toList();
        found.add(ReadingPane.heading("What was taken from it", Words.count(types.size(), "type")));
        types.forEach(type -> found.add(type(type)));
        return found;
    }

    private void problems(FileRead file, List<Node> into) {
        if (!file.problems().isEmpty()) {
            into.add(ReadingPane.heading("What could not be read", "%d".formatted(file.problems().size())));
        }
        file.problems().forEach(problem -> {
            var box = new VBox(1, ReadingPane.wrapped(problem.message(), "second"));
            if (problem.line() > 0) {
                box.getChildren()
                        .add(place.apply(new SourceSpan(problem.file(), problem.line(), Math.max(1, problem.column()),
                                problem.line(), Math.max(1, problem.column()))));
            }
            into.add(box);
        });
    }

    private Node type(CodeType type) {
        var link = new Hyperlink(type.name());
        link.getStyleClass().add("place");
        link.setOnAction(event -> {
            session.stage().set(WorkStage.STRUCTURE);
            session.look(new Focus.OfType(type));
        });
        return new HBox(6, link, TopBar.styled(new Label("%s · %s, %s".formatted(type.kind().word(),
                Words.count(type.fields().size(), "field"), Words.count(type.operations().size(), "operation"))),
                "second"));
    }
}
