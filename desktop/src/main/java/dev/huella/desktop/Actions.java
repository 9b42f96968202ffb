package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.diagram.Detail;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.DrawingRequest.Kind;
import dev.huella.core.project.FindingText;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** Everything that can be done, once: the command box lists it, keys and buttons call it. */
final class Actions {
    private final Session session;
    private final SourceChooser chooser;
    private DrawingPane drawing;
    private Supplier<List<CodeType>> chosen = List::of;
    private Runnable alone = () -> {};

    Actions(Session session, SourceChooser chooser) {
        this.session = session;
        this.chooser = chooser;
    }

    /** Something to do. {@code keys} is null when it has none. */
    record Action(String title, KeyCombination keys, Runnable run) {}

    /** {@code types}: those that are chosen in the list. {@code room}: hides or shows what is beside the drawing. */
    void places(DrawingPane pane, Supplier<List<CodeType>> types, Runnable room) {
        drawing = pane;
        chosen = types;
        alone = room;
    }

    List<Action> all() {
        List<Action> all = new ArrayList<>(List.of(action("Open a folder", KeyCode.O, this::openFolder),
                shifted("Open an archive or file", KeyCode.O, this::openArchive),
                new Action("Open the demo, the port of Aldera", null, this::openDemo),
                new Action("Read the code again", new KeyCodeCombination(KeyCode.F5), session::again),
                action("Show what was taken in", KeyCode.DIGIT1, () -> stage(WorkStage.INTAKE)),
                action("Show the structure", KeyCode.DIGIT2, () -> stage(WorkStage.STRUCTURE)),
                action("Show the finds", KeyCode.DIGIT3, () -> stage(WorkStage.FINDS)),
                action("Show the verdicts", KeyCode.DIGIT4, () -> stage(WorkStage.VERDICTS)),
                new Action("List finds and verdicts by package, or not", null,
                        () -> session.byPackage().set(!session.byPackage().get())),
                new Action("Show how the packages hang together", null, () -> session.look(new Focus.OfWhole())),
                new Action("Go back", new KeyCodeCombination(KeyCode.LEFT, KeyCombination.ALT_DOWN), session::back),
                new Action("Go forward", new KeyCodeCombination(KeyCode.RIGHT, KeyCombination.ALT_DOWN),
                        session::forward),
                action("Change between day and night", KeyCode.D, () -> session.dark().set(!session.dark().get())),
                shifted("Make the text larger", KeyCode.PLUS, () -> text(10)),
                shifted("Make the text smaller", KeyCode.MINUS, () -> text(-10)),
                new Action("Stop reading", new KeyCodeCombination(KeyCode.ESCAPE, KeyCombination.SHIFT_DOWN),
                        session::stop)));
        all.addAll(ofDrawing());
        return all;
    }

    private List<Action> ofDrawing() {
        List<Action> all = new ArrayList<>(List.of(action("Fit the drawing", KeyCode.DIGIT0, () -> drawing.fit()),
                action("Make the drawing larger", KeyCode.PLUS, () -> drawing.zoom(1.25)),
                action("Make the drawing smaller", KeyCode.MINUS, () -> drawing.zoom(0.8)),
                action("Undo what was moved, hidden or folded", KeyCode.Z, session::undo),
                shifted("Do it again", KeyCode.Z, session::redo),
                shifted("Copy the drawing", KeyCode.C, () -> drawing.handOver().copy(drawing.canvas().drawing())),
                action("Copy the find as text, with files and lines", KeyCode.T, this::copyText),
                action("Write the drawing to a file", KeyCode.E, this::export),
                action("Give the drawing all the room, or take it back", KeyCode.M, () -> alone.run()),
                new Action("Draw it as it was drawn first", null, () -> drawing.desk().reset()),
                action("Make a set of the types chosen in the list", KeyCode.G, this::set)));
        for (Kind kind : Kind.values()) {
            all.add(new Action("Draw: " + kind.title(), null, () -> {
                if (drawing.desk().kinds().get().contains(kind)) {
                    drawing.desk().kind().set(kind);
                } else {
                    session.message()
                            .set("This cannot be drawn as %s.".formatted(kind.title()
                                    .toLowerCase(
                                            java.util.Locale.ROOT)));
                }
            }));
        }
        for (Detail.Level level : Detail.Level.values()) {
            all.add(new Action("Show in boxes: " + switch (level) {
                case NAMES -> "names only";
                case PUBLIC -> "public members";
                case ALL -> "all members";
            }, null, () -> drawing.desk().detail().set(level)));
        }
        for (int distance = 1; distance <= 3; distance++) {
            int steps = distance;
            all.add(new Action("Show neighbours %d steps away".formatted(steps), null,
                    () -> drawing.desk().distance().set(steps)));
        }
        all.add(new Action("Show packages as frames, or not", null,
                () -> drawing.desk().framed().set(!drawing.desk().framed().get())));
        return all;
    }

    private void stage(WorkStage stage) {
        session.stage().set(stage);
    }

    private void text(int more) {
        session.textSize().set(Math.clamp(session.textSize().get() + more, 70, 200));
    }

    private void copyText() {
        Finding finding = switch (session.focus().get()) {
            case Focus.OfFind(Finding one) -> one;
            case Focus.OfVerdict(Finding one, var _) -> one;
            default -> null;
        };
        if (finding == null) {
            session.message().set("Choose a find or a verdict first; its text is then copied.");
            return;
        }
        try {
            var text = new StringWriter();
            FindingText.write(finding, text);
            var content = new ClipboardContent();
            content.putString(text.toString());
            Clipboard.getSystemClipboard().setContent(content);
            session.message().set("The find is on the clipboard as text.");
        } catch (IOException e) {
            throw new UncheckedIOException(e); // a text in memory can always be written to
        }
    }

    private void export() {
        Drawing now = drawing.canvas().drawing();
        Path file = chooser.saveAs(DrawingHandOver.name(now, ".svg"));
        if (file != null) {
            drawing.handOver().write(now, file);
        }
    }

    /** A set of types by name; it is in the list of the structure from then on. */
    private void set() {
        List<CodeType> types = chosen.get();
        if (types.isEmpty()) {
            session.message().set("Choose types in the list of the structure first; Ctrl adds one, Shift many.");
            return;
        }
        String name = chooser.name(types.getFirst().name() + " and others");
        if (name != null) {
            session.remember(session.memory()
                    .get()
                    .withSet(name,
                            types.stream().map(CodeType::qualifiedName).toList()));
            session.stage().set(WorkStage.STRUCTURE);
            session.look(new Focus.OfSet(name, types));
        }
    }

    private static Action shifted(String title, KeyCode key, Runnable run) {
        return new Action(title, new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
                run);
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
