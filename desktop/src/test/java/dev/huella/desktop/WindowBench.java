package dev.huella.desktop;

import dev.huella.core.diagram.Detail;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.ScopeDiagram;
import dev.huella.core.diagram.View;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.layout.ClassLayout;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/**
 * A benchmark, not a test. {@code empty} and {@code window} print the time from the start of the process to a shown
 * window, once for an empty one and once for ours; {@code pan FOLDER} the time a frame takes while panning drawings of
 * 50, 300 and 3,000 types.
 */
public final class WindowBench extends Application {
    private static final int FRAMES = 120;
    private final PrintStream out = new PrintStream(new java.io.FileOutputStream(java.io.FileDescriptor.out), true);

    /** Starts what the first argument names. */
    public static void main(String[] arguments) {
        Application.launch(arguments);
    }

    @Override
    public void start(Stage stage) throws Exception {
        switch (getParameters().getRaw().getFirst()) {
            case "empty" -> {
                stage.setScene(new Scene(new StackPane(), 1280, 800));
                stage.show();
                shown("an empty window");
            }
            case "window" -> {
                HuellaApp.open(stage, new Session());
                shown("our window");
            }
            default -> pan(stage, Path.of(getParameters().getRaw().get(1)));
        }
    }

    private void shown(String what) {
        long began = ProcessHandle.current().info().startInstant().orElseThrow().toEpochMilli();
        Platform.runLater(() -> {
            out.printf("%s shown %,d ms after the start of the process%n", what, System.currentTimeMillis() - began);
            Platform.exit();
        });
    }

    private void pan(Stage stage, Path source) throws Exception {
        Project project = Project.read(List.of(source), SourceFilter.ALL, Work.QUIET);
        List<CodeType> types = project.model()
                .declared()
                .stream()
                .filter(type -> type.kind() != TypeKind.FUNCTION && !type.anonymous())
                .toList();
        List<Runnable> runs = new ArrayList<>();
        var canvas = new DrawingCanvas(new Session());
        stage.setScene(new Scene(new StackPane(canvas.node()), 900, 700));
        stage.show();
        for (int size : new int[]{50, 300, 3_000}) {
            if (size <= types.size()) {
                Drawing drawing = ClassLayout.layOut(ScopeDiagram.of(project.model(),
                        new Scope.Picked("bench", types.subList(0, size)), View.USUAL.with(
                                size > 300 ? Detail.NAMES : Detail.USUAL)));
                runs.add(() -> frames(canvas, drawing, size, 1, runs));
                runs.add(() -> frames(canvas, drawing, size, 12, runs));
            }
        }
        runs.removeFirst().run();
    }

    /** {@code nearer}: how much larger than fitted. */
    private void frames(DrawingCanvas canvas, Drawing drawing, int size, double nearer, List<Runnable> next) {
        canvas.show(drawing, false);
        canvas.zoom(nearer);
        new AnimationTimer() {
            private long painting;
            private long begun = System.nanoTime();
            private int count;

            @Override
            public void handle(long now) {
                long before = System.nanoTime();
                canvas.pan(count % 2 == 0 ? 7 : -5, 3);
                painting += System.nanoTime() - before;
                if (++count == FRAMES) {
                    stop();
                    out.printf(Locale.ROOT,
                            "%,5d types, %.2f of full size: %.1f ms of our work in a frame, a frame every %.1f ms%n",
                            size, canvas.scale(), painting / 1e6 / FRAMES, (System.nanoTime() - begun) / 1e6 / FRAMES);
                    if (next.isEmpty()) {
                        Platform.exit();
                    } else {
                        next.removeFirst().run();
                    }
                }
            }
        }.start();
    }
}
