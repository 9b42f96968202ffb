package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.model.CodeType;
import java.nio.file.Path;
import java.util.List;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.util.Duration;

/**
 * Opens the demo, looks at it as a person would first, and ends. After a build this is run once, without a display, while
 * the virtual machine notes what starting needs; later starts find that ready.
 */
final class Rehearsal {
    private static final Duration LOOK = Duration.seconds(1);
    private final Session session;

    Rehearsal(Session session) {
        this.session = session;
    }

    void run(Path source) {
        session.working().addListener((property, before, now) -> {
            if (!now) {
                look();
            }
        });
        session.open(List.of(source));
    }

    private void look() {
        List<Finding> finds = session.findings().get().all();
        List<CodeType> types = session.project().get().model().types();
        var looks = new Timeline(new KeyFrame(LOOK, event -> session.look(new Focus.OfFind(finds.getFirst()))),
                new KeyFrame(LOOK.multiply(2), event -> {
                    session.stage().set(WorkStage.STRUCTURE);
                    session.look(new Focus.OfType(types.getFirst()));
                }), new KeyFrame(LOOK.multiply(3), event -> Platform.exit()));
        looks.play();
    }
}
