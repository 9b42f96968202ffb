package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.drawing.Palette;
import dev.huella.core.drawing.SvgPainter;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.DrawingRequest;
import dev.huella.core.project.DrawingRequest.Kind;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.function.Predicate;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** The same window with nobody to see it: shows the demo view by view and writes each as a picture, and the findings. */
final class OffscreenTour {
    private static final Duration SETTLE = Duration.millis(600);
    private final MainWindow window;
    private final Session session;
    private final PrintStream out = new PrintStream(new java.io.FileOutputStream(java.io.FileDescriptor.out), true);
    private final Deque<Runnable> steps = new ArrayDeque<>();
    private Path folder;

    OffscreenTour(MainWindow window, Session session) {
        this.window = window;
        this.session = session;
    }

    void run(Path source, Path into) throws IOException {
        folder = into;
        Files.createDirectories(folder);
        out.println("There is no display. The demo runs off screen; its pictures and findings go to " + folder + ".");
        session.working().addListener((property, before, now) -> {
            if (!now) {
                begin();
            }
        });
        session.open(List.of(source));
    }

    private void begin() {
        Finding observer = session.findings()
                .get()
                .all()
                .stream()
                .filter(finding -> finding.instance()
                        .id()
                        .equals("observer:aldera.tide.TideGauge:aldera.tide.TideListener"))
                .findFirst()
                .orElse(session.findings().get().all().getFirst());
        CodeType office = session.project().get().model().type("aldera.dues.DuesOffice");
        for (boolean dark : new boolean[]{false, true}) {
            String time = dark ? "dark" : "light";
            steps.add(() -> {
                session.dark().set(dark);
                session.stage().set(WorkStage.FINDS);
                session.look(new Focus.OfFind(observer));
            });
            steps.add(() -> picture("finds-" + time + ".png"));
            steps.add(() -> {
                session.stage().set(WorkStage.STRUCTURE);
                session.look(new Focus.OfType(office));
            });
            steps.add(() -> picture("structure-" + time + ".png"));
        }
        steps.add(() -> {
            session.dark().set(false);
            session.stage().set(WorkStage.INTAKE);
            session.look(new Focus.OfFile("aldera/radio/DistressRelay.java", 1, session.focus().get()));
        });
        steps.add(() -> picture("intake.png"));
        steps.add(() -> {
            session.stage().set(WorkStage.FINDS);
            session.look(new Focus.OfFind(observer));
            session.look(new Focus.OfFile("aldera/tide/TideGauge.java", 18, session.focus().get()));
        });
        steps.add(() -> picture("file.png"));
        steps.add(() -> {
            session.back();
            session.look(new Focus.OfFind(observer));
        });
        suggestions();
        diagrams(observer);
        steps.add(() -> session.look(new Focus.OfFind(observer)));
        steps.add(() -> window.drawing().desk().kind().set(Kind.ROLES));
        steps.add(this::findings);
        next();
    }

    /** The kinds of diagram, each where the demo has something to show in it. */
    private void diagrams(Finding observer) {
        Finding state = first(finding -> DrawingRequest.kinds(new DrawingRequest.OfFind(finding))
                .contains(Kind.TRANSITIONS));
        Finding calls = first(finding -> finding.instance().players().containsKey("real-subject"));
        steps.add(window::room);
        kind(new Focus.OfFind(observer), Kind.COMPARED, "beside-the-definition.png");
        steps.add(window::room);
        kind(new Focus.OfFind(calls == null ? observer : calls), Kind.CALLS, "calls.png");
        if (state != null) {
            kind(new Focus.OfFind(state), Kind.TRANSITIONS, "transitions.png");
        }
        steps.add(() -> {
            session.stage().set(WorkStage.STRUCTURE);
            window.drawing().desk().framed().set(true);
        });
        kind(new Focus.OfPackage("aldera.lock"), Kind.STRUCTURE, "package.png");
        steps.add(() -> {
            window.drawing().desk().framed().set(false);
            session.stage().set(WorkStage.INTAKE);
            session.look(new Focus.OfWhole());
        });
        steps.add(() -> picture("whole.png"));
        Finding broken = observer;
        steps.add(() -> {
            session.stage().set(WorkStage.VERDICTS);
            broken.verdicts()
                    .stream()
                    .filter(verdict -> verdict.kind() == Verdict.Kind.BROKEN)
                    .findFirst()
                    .ifPresent(verdict -> session.look(new Focus.OfVerdict(broken, verdict)));
        });
        steps.add(() -> picture("verdicts.png"));
        steps.add(() -> session.stage().set(WorkStage.FINDS));
    }

    private Finding first(Predicate<Finding> wanted) {
        return session.findings().get().all().stream().filter(wanted).findFirst().orElse(null);
    }

    private void kind(Focus focus, Kind kind, String name) {
        steps.add(() -> session.look(focus));
        steps.add(() -> window.drawing().desk().kind().set(kind));
        steps.add(() -> picture(name));
    }

    private void suggestions() {
        steps.add(() -> session.byPackage().set(true));
        steps.add(() -> picture("finds-by-package.png"));
        steps.add(() -> session.byPackage().set(false));
        session.findings().get().opportunities().stream().findFirst().ifPresent(first -> {
            steps.add(() -> session.look(new Focus.OfOpportunity(first)));
            steps.add(() -> picture("opportunity.png"));
        });
        session.findings().get().nearMisses().stream().findFirst().ifPresent(first -> {
            steps.add(() -> session.look(new Focus.OfMiss(first)));
            steps.add(() -> picture("near-miss.png"));
        });
    }

    private void next() {
        if (steps.isEmpty()) {
            Platform.exit();
            return;
        }
        steps.poll().run();
        settle();
    }

    /** Layout runs in the background: the next step waits until it is done. */
    private void settle() {
        var pause = new PauseTransition(SETTLE);
        pause.setOnFinished(event -> {
            if (!window.drawing().desk().busy().get()) {
                next();
            } else {
                settle();
            }
        });
        pause.play();
    }

    private void picture(String name) {
        var image = window.root().getScene().snapshot(null);
        try {
            ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", folder.resolve(name).toFile());
            out.println("  " + name);
        } catch (IOException e) {
            out.println("%s could not be written: %s".formatted(name, e.getMessage()));
        }
    }

    private void findings() {
        var text = new StringBuilder();
        for (Finding finding : session.findings().get().all()) {
            text.append(finding.instance().pattern().id())
                    .append("  ")
                    .append(new Focus.OfFind(finding).title())
                    .append('\n');
            for (Verdict verdict : finding.verdicts()) {
                text.append("    ").append(verdict.kind().word()).append("  ").append(verdict.why()).append('\n');
            }
        }
        try {
            Files.writeString(folder.resolve("findings.txt"), text);
            Files.writeString(folder.resolve("observer.svg"),
                    SvgPainter.paint(window.drawing().drawing().get(), Palette.LIGHT));
            out.println("  findings.txt\n  observer.svg");
        } catch (IOException e) {
            out.println("The findings could not be written: " + e.getMessage());
        }
    }
}
