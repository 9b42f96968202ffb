package dev.huella.desktop;

import static dev.huella.desktop.Waiting.until;
import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.drawing.Drawing;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window as a person would, on JavaFX's headless platform. */
@ExtendWith(ApplicationExtension.class)
class WindowTest {
    private static Path demo;
    private Session session;
    private MainWindow window;

    @BeforeAll
    static void unpack() throws Exception {
        System.setProperty("huella.state", Scratch.folder("huella-state").toString());
        demo = HuellaApp.demo(Scratch.folder("huella"));
    }

    @Start
    void start(Stage stage) {
        session = new Session();
        window = HuellaApp.open(stage, session);
    }

    private void open() throws Exception {
        Platform.runLater(() -> session.open(List.of(demo)));
        until(() -> session.findings().get().all().size() > 5 && !session.working().get());
        until(() -> !window.drawing().drawing().get().equals(Drawing.EMPTY));
    }

    private void command(FxRobot robot, String text) {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write(text);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void theWelcomeLeadsToADemoWithItsFinds(FxRobot robot) throws Exception {
        assertThat(robot.lookup("Look at the demo").queryLabeled().isVisible()).isTrue();
        open();
        assertThat(robot.lookup(session.findings().get().all().size() + " finds").tryQuery()).isPresent();
        assertThat(session.focus().get()).isInstanceOf(Focus.OfFind.class);
        assertThat(robot.lookup("#reading .heading").<Label>queryAll()).extracting(Label::getText)
                .anySatisfy(text -> assertThat(text).startsWith("Why this is"))
                .contains("What it owes")
                .anySatisfy(text -> assertThat(text).endsWith(" in plain words"));
    }

    @Test
    void aTypeIsFoundByTypingPartOfItsName(FxRobot robot) throws Exception {
        open();
        command(robot, "duesoff");
        assertThat(session.stage().get()).isEqualTo(WorkStage.STRUCTURE);
        assertThat(session.focus().get().title()).isEqualTo("DuesOffice");
        until(() -> window.drawing().drawing().get().title().equals("DuesOffice"));
        assertThat(window.drawing().drawing().get().areas()).anySatisfy(
                area -> assertThat(String.valueOf(area.element())).isEqualTo("aldera.dues.Tariff"));
    }

    @Test
    void aPlaceOpensTheFileAndBackLeadsBack(FxRobot robot) throws Exception {
        open();
        Focus find = session.focus().get();
        Node place = robot.lookup("#reading .place").queryAll().iterator().next();
        robot.clickOn(place);
        assertThat(session.focus().get()).isInstanceOf(Focus.OfFile.class);
        until(() -> !robot.lookup("#code").queryListView().getItems().isEmpty());
        robot.push(KeyCode.ALT, KeyCode.LEFT);
        assertThat(session.focus().get()).isEqualTo(find);
        robot.push(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(session.focus().get()).isInstanceOf(Focus.OfFile.class);
    }

    @Test
    void theFilterSaysHowManyItLeaves(FxRobot robot) throws Exception {
        open();
        robot.clickOn("#filter").write("lockgate");
        ListView<?> list = robot.lookup("#list").queryListView();
        assertThat(list.getItems()).hasSize(2);
        assertThat(robot.lookup("of " + session.findings().get().all().size()).tryQuery()).isPresent();
    }

    @Test
    void findsAndVerdictsAreListedByPackageWhenAsked(FxRobot robot) throws Exception {
        open();
        ListView<ListRow> list = robot.lookup("#list").queryListView();
        assertThat(list.getItems().getFirst().pattern()).isNotNull();
        robot.clickOn("#order");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(list.getItems()).filteredOn(row -> row.focus() instanceof Focus.OfPackage)
                .extracting(ListRow::title)
                .contains("aldera.tide", "aldera.dues");
        assertThat(list.getSelectionModel().getSelectedItem().focus()).isEqualTo(session.focus().get());
        robot.clickOn("Verdicts");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(list.getItems().getFirst().focus()).isInstanceOf(Focus.OfPackage.class);
        assertThat(session.state().byPackage()).isTrue();
        robot.clickOn("#order");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(list.getItems().getFirst().focus()).isNull();
    }

    @Test
    void anOpportunityTellsWhatOneMoreCaseChanges(FxRobot robot) throws Exception {
        open();
        var first = session.findings().get().opportunities().getFirst();
        robot.interact(() -> session.look(new Focus.OfOpportunity(first)));
        assertThat(robot.lookup("#reading .heading").<Label>queryAll()).extracting(Label::getText)
                .contains("One more case changes today", "With the pattern it changes");
        until(() -> window.drawing().drawing().get().title().equals(first.about().getFirst().name()));
    }

    @Test
    void aNearMissNamesWhatIsMissing(FxRobot robot) throws Exception {
        open();
        var first = session.findings().get().nearMisses().getFirst();
        robot.interact(() -> session.look(new Focus.OfMiss(first)));
        assertThat(robot.lookup("#reading .strong").<Label>queryAll()).extracting(Label::getText)
                .contains(first.missing());
    }

    @Test
    void aTypeSaysWhyItIsNotAPattern(FxRobot robot) throws Exception {
        open();
        command(robot, "duesoff");
        robot.clickOn("#why-not");
        robot.interact(() -> robot.lookup("#why-not").queryComboBox().getSelectionModel().select(25));
        until(() -> robot.lookup("#reading .strong")
                .<Label>queryAll()
                .stream()
                .anyMatch(label -> label.getText().contains("clauses do not hold")));
        assertThat(robot.lookup("#reading .strong").<Label>queryAll()).extracting(Label::getText)
                .anySatisfy(text -> assertThat(text).startsWith("fails: "));
    }

    @Test
    void drawingsZoomAndFit(FxRobot robot) throws Exception {
        open();
        double fitted = window.drawing().scale();
        robot.clickOn("+");
        assertThat(window.drawing().scale()).isGreaterThan(fitted);
        robot.clickOn("Fit");
        assertThat(window.drawing().scale()).isEqualTo(fitted);
    }

    @Test
    void whatBeginsWithTheLettersComesFirst(FxRobot robot) throws Exception {
        open();
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write("log");
        List<CommandBox.Answer> answers = robot.lookup("#answers").<CommandBox.Answer>queryListView().getItems();
        assertThat(answers.getFirst().title()).startsWith("Log");
        assertThat(answers).extracting(CommandBox.Answer::title).contains("TideLog");
    }

    @Test
    void nightIsACommand(FxRobot robot) throws Exception {
        open();
        command(robot, "day and night");
        assertThat(window.root().getStyleClass()).contains("dark");
    }

    @Test
    void aMissingFolderIsASentenceOnTheWelcome(FxRobot robot) throws Exception {
        Platform.runLater(() -> session.open(List.of(Path.of("/nowhere/at/all"))));
        until(() -> !session.working().get() && !session.message().get().isEmpty());
        assertThat(session.message().get()).contains("There is no /nowhere/at/all");
    }

    @Test
    void theGroundFillsUpWhileFilesAreRead(FxRobot robot) throws Exception {
        java.util.Set<Integer> seen = java.util.concurrent.ConcurrentHashMap.newKeySet();
        Platform.runLater(() -> session.reading()
                .addListener((property, before, now) -> seen.add(now.values().stream().mapToInt(n -> n).sum())));
        open();
        assertThat(seen).contains(0).anyMatch(types -> types > 0);
        assertThat(session.reading().get()).isEmpty();
    }

    @Test
    void readingCanBeStopped(FxRobot robot) throws Exception {
        Platform.runLater(() -> {
            session.open(List.of(demo));
            session.stop();
        });
        until(() -> !session.working().get());
        assertThat(session.message().get()).contains("Stopped");
    }

    @Test
    void theIntakeSaysWhatWasLeftOutAndTakesItWhenAsked(FxRobot robot) throws Exception {
        open();
        robot.clickOn("Intake");
        ListView<?> list = robot.lookup("#list").queryListView();
        assertThat(robot.lookup("106 files").tryQuery()).isPresent();
        assertThat(list.getItems()).map(row -> ((ListRow) row).title())
                .contains("Not read whole", "C++", "Swift", "feed.min.js");
        robot.clickOn("#rule-minified");
        until(() -> robot.lookup("107 files").tryQuery().isPresent());
        assertThat(session.taken().get()).containsExactly(dev.huella.core.source.LeaveOut.MINIFIED);
    }

    @Test
    void aFileOfTheIntakeShowsWhatWasTakenFromIt(FxRobot robot) throws Exception {
        open();
        robot.clickOn("Intake").clickOn("#filter").write("distress");
        robot.clickOn("DistressRelay.java");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#reading .heading").<Label>queryAll()).extracting(Label::getText)
                .contains("What could not be read", "What was taken from it");
    }

    @Test
    void theGroundTellsOfThePackageWhereThePointerRests(FxRobot robot) throws Exception {
        open();
        Node ground = robot.lookup(".ground").query();
        robot.moveTo(ground.localToScreen(200, 14));
        until(() -> told().contains("Aldera.Fees"));
        robot.moveTo("#command-box");
        until(() -> told().isEmpty());
    }

    /** What a tip over the window says, empty without one. */
    private static String told() {
        return Window.getWindows()
                .stream()
                .filter(Tooltip.class::isInstance)
                .filter(Window::isShowing)
                .map(window -> ((Tooltip) window).getText())
                .findFirst()
                .orElse("");
    }
}
