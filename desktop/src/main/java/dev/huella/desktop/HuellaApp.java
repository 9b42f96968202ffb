package dev.huella.desktop;

import dev.huella.core.drawing.Fonts;
import dev.huella.core.molde.Catalogue;
import dev.huella.demo.Aldera;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;

/** The application: {@code demo} opens the demo, a path opens that, nothing opens the welcome. */
public final class HuellaApp extends Application {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;

    @Override
    public void start(Stage stage) throws IOException {
        Thread.ofPlatform().daemon().name("definitions").start(Catalogue::shipped); // asked for when something is open
        Session session = new Session();
        MainWindow window = open(stage, session);
        List<String> arguments = getParameters().getRaw();
        String rehearsal = System.getProperty("huella.rehearsal"); // where the demo may lie meanwhile
        if (rehearsal != null) {
            new Rehearsal(session).run(demo(Path.of(rehearsal)));
        } else if (Boolean.getBoolean("huella.offscreen")) {
            new OffscreenTour(window, session).run(demo(Path.of("huella-demo")),
                    Path.of("huella-demo").toAbsolutePath());
        } else if (!arguments.isEmpty() && arguments.getFirst().equals("demo")) {
            session.open(List.of(demo(Path.of(System.getProperty("user.home"), ".cache", "huella"))));
        } else if (!arguments.isEmpty()) {
            session.open(arguments.stream().map(Path::of).toList());
        } else {
            session.restore(WindowState.load(WindowState.folder()));
        }
    }

    static Path demo(Path folder) throws IOException {
        Files.createDirectories(folder);
        return Aldera.copyTo(folder);
    }

    private static void keep(Session session) {
        try {
            session.state().save(WindowState.folder());
        } catch (IOException e) {
            System.getLogger("huella")
                    .log(System.Logger.Level.WARNING,
                            "How the window was could not be written to {0}: {1}", WindowState.folder(),
                            e.getMessage());
        }
    }

    /** Builds the window on a stage and shows it; tests use this, too. */
    static MainWindow open(Stage stage, Session session) {
        return open(stage, session, new SystemChooser(stage));
    }

    /** The same with another way to ask for files and names. */
    static MainWindow open(Stage stage, Session session, SourceChooser chooser) {
        for (boolean bold : new boolean[]{false, true}) {
            Font.loadFont(Fonts.file(bold, false), 12);
            Font.loadFont(Fonts.file(bold, true), 12);
        }
        Font.loadFont(HuellaApp.class.getResourceAsStream("/liberation/LiberationMono-Regular.ttf"), 12);
        Thread.ofVirtual().name("fonts").start(() -> Fonts.width("Huella", 12, false, false)); // slow the first time
        MainWindow window = new MainWindow(session, chooser);
        var scene = new Scene(window.root(), WIDTH, HEIGHT);
        scene.getStylesheets().add(HuellaApp.class.getResource("huella.css").toExternalForm());
        window.install(scene);
        stage.setTitle("Huella");
        stage.setScene(scene);
        stage.setX(0);
        stage.setY(0);
        stage.setOnCloseRequest(event -> {
            session.stop();
            session.closeWatch();
            keep(session);
            Platform.exit();
        });
        stage.show();
        return window;
    }
}
