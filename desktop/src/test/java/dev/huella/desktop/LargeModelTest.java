package dev.huella.desktop;

import static dev.huella.desktop.Waiting.until;
import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.drawing.Drawing;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadInfo;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
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
    private static final long LOOK_MILLIS = 100;
    /** The limit we hold ourselves to is 100 ms; twice that, in processor time, for machines half as fast as ours. */
    private static final long LIMIT_MILLIS = 200;
    private Session session;
    private MainWindow window;
    private final List<String> slow = new CopyOnWriteArrayList<>();
    private long interfaceThread;
    private final AtomicLong longest = new AtomicLong();
    private final AtomicBoolean watching = new AtomicBoolean(true);

    @Start
    void start(Stage stage) throws Exception {
        System.setProperty("huella.state", Scratch.folder("huella-state").toString());
        interfaceThread = Thread.currentThread().threadId();
        session = new Session();
        window = HuellaApp.open(stage, session);
    }

    private static Path code() throws IOException {
        Path root = Scratch.folder("huella-large");
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

    /**
     * Asks the interface thread for a sign of life again and again. What it spent until it answered is told in its own
     * processor time, so that a machine busy with other things does not count, and a wait of ours is told by where it stands.
     */
    private void watch() {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        Thread.ofPlatform().daemon().start(() -> {
            while (watching.get()) {
                long before = threads.getThreadCpuTime(interfaceThread);
                var answered = new CountDownLatch(1);
                Platform.runLater(answered::countDown);
                try {
                    while (!answered.await(LOOK_MILLIS, TimeUnit.MILLISECONDS)) {
                        look(threads, before);
                    }
                    longest.accumulateAndGet(threads.getThreadCpuTime(interfaceThread) - before, Math::max);
                    Thread.sleep(2);
                } catch (InterruptedException e) {
                    return;
                }
            }
        });
    }

    /** Writes down where the interface thread stands, when that is in our code: working for too long, or waiting at all. */
    private void look(ThreadMXBean threads, long before) {
        ThreadInfo standing = threads.getThreadInfo(interfaceThread, Integer.MAX_VALUE);
        String where = Arrays.stream(standing.getStackTrace())
                .map(StackTraceElement::toString)
                .collect(Collectors.joining("\n    "));
        boolean working = standing.getThreadState() == Thread.State.RUNNABLE;
        long millis = (threads.getThreadCpuTime(interfaceThread) - before) / 1_000_000;
        if (where.contains("dev.huella") && (!working || millis > LIMIT_MILLIS)) {
            slow.add(standing.getThreadState() + " after " + millis + " ms of work\n    " + where);
        }
    }

    private void check(String step) {
        long millis = longest.getAndSet(0) / 1_000_000;
        System.getLogger("huella").log(System.Logger.Level.INFO, "{0}: at most {1} ms of work at once", step, millis);
        List<String> waits = List.copyOf(slow);
        slow.clear();
        assertThat(waits).as(step).isEmpty();
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
