package dev.huella.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.drawing.Drawing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the window over 4,000 types and watches that none of our code holds the interface thread up. */
@ExtendWith(ApplicationExtension.class)
class LargeModelTest {
    private static final int PACKAGES = 80;
    private static final int TYPES = 50;
    /** The limit we hold ourselves to is 100 ms; a machine that does other things at the same time is given more. */
    private static final long LIMIT_MILLIS = 300;
    private Session session;
    private MainWindow window;
    private final List<String> slow = new java.util.concurrent.CopyOnWriteArrayList<>();
    private final AtomicLong longest = new AtomicLong();
    private final AtomicBoolean watching = new AtomicBoolean(true);

    @Start
    void start(Stage stage) throws Exception {
        System.setProperty("huella.state", Files.createTempDirectory("huella-state").toString());
        session = new Session();
        window = HuellaApp.open(stage, session);
    }

    private static Path code() throws IOException {
        Path root = Files.createTempDirectory("huella-large");
        for (int p = 0; p < PACKAGES; p++) {
            Path folder = Files.createDirectories(root.resolve("port/quay" + p));
            for (int t = 0; t < TYPES; t++) {
                String other = "port.quay%d.Berth%d".formatted((p * 7 + t) % PACKAGES, (t * 3) % TYPES);
                String up = t % 5 == 0 ? "" : " extends Berth" + t / 5 * 5;
                Files.writeString(folder.resolve("Berth" + t + ".java"),
                        "package port.quay%d;\npublic class Berth%d%s {\n  private %s next;\n  public int moor() { return 1; }\n}\n"
                                .formatted(p, t, up, other));
            }
        }
        return root;
    }

    /** Asks the interface thread for a sign of life again and again, and keeps the longest wait. */
    private void watch() {
        Thread.ofPlatform().daemon().start(() -> {
            while (watching.get()) {
                long asked = System.nanoTime();
                var answered = new java.util.concurrent.CountDownLatch(1);
                Platform.runLater(answered::countDown);
                try {
                    if (!answered.await(LIMIT_MILLIS, TimeUnit.MILLISECONDS)) {
                        String where = where();
                        if (where.contains("dev.huella")) {
                            slow.add(where);
                        }
                    }
                    answered.await();
                    longest.accumulateAndGet(System.nanoTime() - asked, Math::max);
                    Thread.sleep(2);
                } catch (InterruptedException e) {
                    return;
                }
            }
        });
    }

    /** What the interface thread is doing. Waits for the picture to be painted are the platform's, not ours. */
    private static String where() {
        return Thread.getAllStackTraces()
                .entrySet()
                .stream()
                .filter(one -> one.getKey().getName().equals("JavaFX Application Thread"))
                .flatMap(one -> java.util.Arrays.stream(one.getValue()))
                .map(StackTraceElement::toString)
                .collect(java.util.stream.Collectors.joining("\n    "));
    }

    private void check(String step) {
        long millis = longest.getAndSet(0) / 1_000_000;
        System.getLogger("huella").log(System.Logger.Level.INFO, "{0}: longest wait {1} ms", step, millis);
        List<String> waits = List.copyOf(slow);
        slow.clear();
        assertThat(waits).as(step).isEmpty();
    }

    private static void until(BooleanSupplier condition) throws Exception {
        WaitForAsyncUtils.waitFor(120, TimeUnit.SECONDS, condition::getAsBoolean);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void drawn() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        until(() -> !window.drawing().desk().busy().get() && !window.drawing().drawing().get().equals(Drawing.EMPTY));
    }

    @Test
    void nothingHoldsTheInterfaceThreadUp(FxRobot robot) throws Exception {
        Path code = code();
        Platform.runLater(() -> session.open(List.of(code.resolve("port/quay0")))); // what is loaded only once
        until(() -> session.project().get() != null && !session.working().get());
        watch();
        Platform.runLater(() -> session.open(List.of(code)));
        until(() -> session.project().get().model().types().size() > TYPES && !session.working().get());
        assertThat(session.project().get().model().types()).hasSizeGreaterThanOrEqualTo(PACKAGES * TYPES);
        check("opening");
        robot.clickOn("Structure");
        until(() -> robot.lookup("4,000 types").tryQuery().isPresent());
        check("structure");
        robot.clickOn("#filter").write("berth4");
        until(() -> robot.lookup("of 4,000").tryQuery().isPresent());
        check("filter");
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write("quay7.Berth");
        robot.push(KeyCode.ESCAPE);
        check("search");
        robot.interact(() -> session.look(new Focus.OfPackage("port")));
        drawn();
        check("a drawing of 3,000 types");
        for (int i = 0; i < 5; i++) {
            robot.interact(() -> window.drawing().canvas().pan(-40, 10));
            robot.interact(() -> window.drawing().zoom(1.6));
        }
        check("panning and zooming");
        robot.clickOn("Intake");
        WaitForAsyncUtils.waitForFxEvents();
        check("intake");
        watching.set(false);
        Platform.runLater(session::closeWatch);
    }
}
