package dev.huella.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** Everything that can be done, once: the command box lists it, keys and buttons call it. */
final class Actions {
    private final Session session;
    private final SourceChooser chooser;
    private DrawingPane drawing;

    Actions(Session session, SourceChooser chooser) {
        this.session = session;
        this.chooser = chooser;
    }

    /** Something to do. {@code keys} is null when it has none. */
    record Action(String title, KeyCombination keys, Runnable run) {}

    void drawing(DrawingPane pane) {
        drawing = pane;
    }

    List<Action> all() {
        return List.of(action("Open a folder", KeyCode.O, this::openFolder),
                new Action("Open an archive or file", new KeyCodeCombination(KeyCode.O, KeyCombination.SHORTCUT_DOWN,
                        KeyCombination.SHIFT_DOWN), this::openArchive),
                new Action("Open the demo, the port of Aldera", null, this::openDemo),
                action("Show what was taken in", KeyCode.DIGIT1, () -> session.stage().set(WorkStage.INTAKE)),
                action("Show the structure", KeyCode.DIGIT2, () -> session.stage().set(WorkStage.STRUCTURE)),
                action("Show the finds", KeyCode.DIGIT3, () -> session.stage().set(WorkStage.FINDS)),
                new Action("Go back", new KeyCodeCombination(KeyCode.LEFT, KeyCombination.ALT_DOWN), session::back),
                new Action("Go forward", new KeyCodeCombination(KeyCode.RIGHT, KeyCombination.ALT_DOWN),
                        session::forward),
                action("Fit the drawing", KeyCode.DIGIT0, () -> drawing.fit()),
                action("Make the drawing larger", KeyCode.PLUS, () -> drawing.zoom(1.25)),
                action("Make the drawing smaller", KeyCode.MINUS, () -> drawing.zoom(0.8)),
                action("Change between day and night", KeyCode.D, () -> session.dark().set(!session.dark().get())),
                new Action("Stop reading", new KeyCodeCombination(KeyCode.ESCAPE, KeyCombination.SHIFT_DOWN),
                        session::stop));
    }

    private static Action action(String title, KeyCode key, Runnable run) {
        return new Action(title, new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN), run);
    }

    void openFolder() {
        open(chooser.folder());
    }

    void openArchive() {
        open(chooser.archive());
    }

    private void open(Path chosen) {
        if (chosen != null) {
            session.open(List.of(chosen));
        }
    }

    void openDemo() {
        try {
            session.open(List.of(HuellaApp.demo(Path.of(System.getProperty("user.home"), ".cache", "huella"))));
        } catch (IOException e) {
            session.message().set("The demo could not be unpacked into your cache folder: " + e.getMessage());
        }
    }
}
