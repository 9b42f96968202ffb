package dev.huella.desktop;

import static dev.huella.desktop.Waiting.until;
import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.conformance.Finding;
import dev.huella.core.diagram.Detail;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.project.DrawingRequest.Kind;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mockito;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Works on drawings as a person would: another kind, moved boxes, hidden ones, exports, a change on disk. */
@ExtendWith(ApplicationExtension.class)
class DrawingTest {
    private Path demo;
    private Session session;
    private MainWindow window;
    private final SourceChooser chooser = Mockito.mock(SourceChooser.class);

    @Start
    void start(Stage stage) throws Exception {
        System.setProperty("huella.state", Scratch.folder("huella-state").toString());
        session = new Session();
        window = HuellaApp.open(stage, session, chooser);
    }

    @BeforeEach
    void open() throws Exception {
        demo = HuellaApp.demo(Scratch.folder("huella"));
        Platform.runLater(() -> session.open(List.of(demo)));
        until(() -> session.findings().get().all().size() > 5 && !session.working().get());
        drawn();
    }

    @AfterEach
    void close() {
        Platform.runLater(session::closeWatch);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void drawn() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        until(() -> !window.drawing().desk().busy().get() && !drawing().equals(Drawing.EMPTY));
    }

    private Drawing drawing() {
        return window.drawing().drawing().get();
    }

    private void look(FxRobot robot, String type) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write(type);
        robot.push(KeyCode.ENTER);
        drawn();
        until(() -> drawing().title().equals(session.focus().get().title()));
    }

    private void command(FxRobot robot, String text) {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write(text);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Area box(String name) {
        return drawing().areas()
                .stream()
                .filter(area -> area.box() != null && area.element() != null && area.element().name().equals(name))
                .findFirst()
                .orElse(null);
    }

    private Point2D onScreen(double x, double y) {
        Point at = window.drawing().canvas().onCanvas(x, y);
        Node canvas = window.root().lookup("#drawing");
        return canvas.localToScreen(at.x(), at.y());
    }

    private Point2D middle(String name) {
        Area box = box(name);
        return onScreen(box.x() + box.width() / 2, box.y() + box.height() - 4);
    }

    private boolean says(String text) {
        return drawing().marks().stream().anyMatch(mark -> mark instanceof Mark.Text one && one.text().equals(text));
    }

    @Test
    void aFindIsShownInEachKindThatItHas(FxRobot robot) throws Exception {
        Finding observer = session.findings()
                .get()
                .all()
                .stream()
                .filter(one -> one.instance().id().contains("aldera.tide.TideGauge"))
                .findFirst()
                .orElseThrow();
        robot.interact(() -> session.look(new Focus.OfFind(observer)));
        drawn();
        robot.clickOn("#kind-collaboration");
        drawn();
        assertThat(says("observer")).isTrue();
        assertThat(drawing().marks()).anyMatch(mark -> mark instanceof Mark.Oval oval && oval.dashed());
        robot.clickOn("#kind-compared");
        drawn();
        assertThat(says("no concrete-subject")).isTrue();
        robot.clickOn("#kind-calls");
        drawn();
        assertThat(says("loop")).isTrue();
        robot.interact(() -> session.back());
        drawn();
        assertThat(window.drawing().desk().kind().get()).isNotNull();
    }

    @Test
    void aBoxMovedByHandStaysThereAndUndoTakesItBack(FxRobot robot) throws Exception {
        look(robot, "duesoff");
        Area before = box("Tariff");
        double x = before.x();
        robot.moveTo(middle("Tariff")).press(MouseButton.PRIMARY).moveBy(60, 20).release(MouseButton.PRIMARY);
        until(() -> session.memory().get().drawings().size() == 1);
        drawn();
        assertThat(box("Tariff").x()).isNotEqualTo(x);
        until(() -> Files.exists(demo.resolve(".huella/drawings.json")));
        assertThat(Files.readString(demo.resolve(".huella/drawings.json"))).contains("aldera.dues.Tariff");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        drawn();
        until(() -> box("Tariff").x() == x);
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        until(() -> session.memory().get().drawings().size() == 1);
    }

    @Test
    void theKeyboardChoosesMovesHidesAndOpensBoxes(FxRobot robot) throws Exception {
        look(robot, "duesoff");
        robot.interact(() -> window.root().lookup("#drawing").requestFocus());
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
        until(() -> session.memory().get().drawings().size() == 1);
        drawn();
        int boxes = drawing().areas().stream().filter(area -> area.box() != null).toList().size();
        robot.push(KeyCode.H);
        drawn();
        until(() -> drawing().areas().stream().filter(area -> area.box() != null).toList().size() == boxes - 1);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.ENTER);
        until(() -> !session.focus().get().title().equals("DuesOffice"));
    }

    @Test
    void detailAndDistanceAreCommands(FxRobot robot) throws Exception {
        look(robot, "duesoff");
        assertThat(says("+ charge(Ship, int): long")).isTrue();
        command(robot, "names only");
        drawn();
        assertThat(window.drawing().desk().detail().get()).isEqualTo(Detail.Level.NAMES);
        until(() -> !says("+ charge(Ship, int): long"));
        int boxes = drawing().areas().stream().filter(area -> area.box() != null).toList().size();
        command(robot, "neighbours 2 steps");
        drawn();
        until(() -> drawing().areas().stream().filter(area -> area.box() != null).toList().size() > boxes);
    }

    @Test
    void aPackageFoldsAndUnfolds(FxRobot robot) throws Exception {
        robot.interact(() -> session.look(new Focus.OfWhole()));
        drawn();
        Area folded = drawing().areas()
                .stream()
                .filter(area -> "package aldera.tide".equals(area.box()))
                .findFirst()
                .orElseThrow();
        robot.clickOn(onScreen(folded.x() + folded.width() / 2, folded.y() + folded.height() / 2));
        until(() -> box("TideGauge") != null);
        robot.interact(() -> session.undo());
        until(() -> box("TideGauge") == null);
    }

    @Test
    void theDrawingIsWrittenAndCopiedAsItIsSeen(FxRobot robot) throws Exception {
        look(robot, "duesoff");
        for (String ending : List.of("svg", "png", "pdf", "xmi")) {
            Path file = demo.resolve("out." + ending);
            robot.interact(() -> window.drawing().handOver().write(drawing(), file));
            until(() -> session.message().get().contains("out." + ending));
            assertThat(Files.size(file)).isGreaterThan(1000);
        }
        assertThat(Files.readString(demo.resolve("out.svg"))).contains(">DuesOffice</text>");
        robot.interact(() -> window.drawing().handOver().write(drawing(), Path.of("/nowhere/at/all.svg")));
        until(() -> session.message().get().contains("could not be written"));
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        until(() -> session.message().get().contains("clipboard"));
        robot.interact(() -> assertThat(Clipboard.getSystemClipboard().getString()).startsWith("<svg"));
    }

    @Test
    void aSaveIsSeenWithoutLosingThePlace(FxRobot robot) throws Exception {
        look(robot, "duesoff");
        Path file = demo.resolve("aldera/dues/DuesOffice.java");
        Thread.sleep(500); // until the folder is watched
        Files.writeString(file, Files.readString(file)
                .replaceFirst("class DuesOffice \\{",
                        "class DuesOffice {\n    public void countAgain() {\n    }\n"));
        until(() -> session.message().get().contains("Current again"));
        drawn();
        assertThat(session.focus().get().title()).isEqualTo("DuesOffice");
        until(() -> says("+ countAgain()"));
    }

    @Test
    void verdictsListWhatIsBrokenFirstAndLeadToTheRule(FxRobot robot) throws Exception {
        robot.clickOn("Verdicts");
        ListView<?> list = robot.lookup("#list").queryListView();
        ListRow first = (ListRow) list.getItems().get(1);
        assertThat(first.signs().getFirst()).isEqualTo(dev.huella.core.conformance.Verdict.Kind.BROKEN);
        robot.interact(() -> list.getSelectionModel().select(1));
        drawn();
        assertThat(session.focus().get()).isInstanceOf(Focus.OfVerdict.class);
        assertThat(robot.lookup("#reading .heading").<Label>queryAll()).extracting(Label::getText)
                .contains("The obligation", "The rule in the words of the definition");
    }

    @Test
    void theWindowComesBackAsItWas(FxRobot robot) throws Exception {
        look(robot, "duesoff");
        robot.interact(() -> {
            session.dark().set(true);
            session.textSize().set(120);
        });
        WindowState state = session.state();
        state.save(WindowState.folder());
        var again = new Session();
        Platform.runLater(() -> again.restore(WindowState.load(WindowState.folder())));
        until(() -> again.focus().get().title().equals("DuesOffice"));
        assertThat(again.dark().get()).isTrue();
        assertThat(again.textSize().get()).isEqualTo(120);
        assertThat(again.stage().get()).isEqualTo(WorkStage.STRUCTURE);
        Platform.runLater(again::closeWatch);
    }

    @Test
    void typesAreKeptAsASetByName(FxRobot robot) throws Exception {
        Mockito.when(chooser.name(Mockito.anyString())).thenReturn("what ships pay");
        robot.clickOn("Structure").clickOn("#filter").write("aldera.dues.");
        until(() -> robot.lookup("#list").queryListView().getItems().size() == 11);
        robot.interact(() -> robot.lookup("#list").queryListView().getSelectionModel().selectIndices(1, 2, 3));
        robot.push(KeyCode.CONTROL, KeyCode.G);
        drawn();
        assertThat(session.focus().get().title()).isEqualTo("what ships pay");
        assertThat(drawing().areas().stream().filter(area -> area.box() != null)).hasSize(3);
        until(() -> Files.exists(demo.resolve(".huella/drawings.json")));
        assertThat(Files.readString(demo.resolve(".huella/drawings.json"))).contains("what ships pay");
    }

    @Test
    void theDrawingIsWrittenWhereThePersonSays(FxRobot robot) throws Exception {
        Path file = demo.resolve("gauge.pdf");
        Mockito.when(chooser.saveAs(Mockito.anyString())).thenReturn(file);
        robot.push(KeyCode.CONTROL, KeyCode.E);
        until(() -> Files.exists(file) && session.message().get().contains("gauge.pdf"));
    }

    @Test
    void aFindIsCopiedAsTextWithItsLines(FxRobot robot) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.T);
        robot.interact(() -> assertThat(Clipboard.getSystemClipboard().getString())
                .contains("because", ".java:", "broken"));
        robot.interact(() -> session.look(new Focus.OfWhole()));
        robot.push(KeyCode.CONTROL, KeyCode.T);
        until(() -> session.message().get().startsWith("Choose a find"));
    }

    @Test
    void aDragOverTheGroundLimitsTheLists(FxRobot robot) throws Exception {
        robot.clickOn("Structure");
        until(() -> robot.lookup("187 types").tryQuery().isPresent());
        Node ground = robot.lookup(".ground").query();
        Point2D left = ground.localToScreen(930, 25);
        robot.drag(left).dropTo(left.add(120, 0));
        assertThat(session.limit().get()).contains("aldera.tide");
        until(() -> robot.lookup("of 187").tryQuery().isPresent());
        robot.clickOn("#limit");
        until(() -> robot.lookup("187 types").tryQuery().isPresent());
        assertThat(session.limit().get()).isEmpty();
    }

    @Test
    void everyControlHasANameForThoseWhoCannotSeeIt(FxRobot robot) {
        for (Node node : robot.lookup(".button, .toggle-button, .text-field, .list-view, .menu-button").queryAll()) {
            String name = node.getAccessibleText();
            boolean named = name != null && !name.isBlank()
                    || node instanceof javafx.scene.control.Labeled labeled && !labeled.getText().isBlank();
            assertThat(named).as("%s %s", node.getId(), node).isTrue();
        }
    }

    @Test
    void callsComparedWithTransitionsOnlyWhereThereAreSome(FxRobot robot) throws Exception {
        Finding state = session.findings()
                .get()
                .all()
                .stream()
                .filter(one -> one.instance().id().contains("aldera.lock.Chamber"))
                .findFirst()
                .orElseThrow();
        robot.interact(() -> session.look(new Focus.OfFind(state)));
        drawn();
        assertThat(window.drawing().desk().kinds().get()).contains(Kind.TRANSITIONS);
        robot.clickOn("#kind-transitions");
        drawn();
        assertThat(says("next")).isTrue();
    }
}
