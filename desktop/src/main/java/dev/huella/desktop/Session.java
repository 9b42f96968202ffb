package dev.huella.desktop;

import dev.huella.core.conformance.Findings;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.DrawingMemory;
import dev.huella.core.project.RunCache;
import dev.huella.core.project.OwnDefinitions;
import dev.huella.core.project.Project;
import dev.huella.core.source.LeaveOut;
import dev.huella.core.source.SourceException;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** What the window shows, apart from how. Properties change on the interface thread; work runs elsewhere. */
final class Session {
    private static final long EVERY_NANOS = 60_000_000;
    private final ObjectProperty<Project> project = new SimpleObjectProperty<>();
    /** Null for the shipped one, which takes its time when it is first asked for. */
    private volatile Catalogue catalogue;
    private final ObjectProperty<Findings> findings = new SimpleObjectProperty<>(Findings.NONE);
    private final ObjectProperty<Set<LeaveOut>> taken = new SimpleObjectProperty<>(Set.of());
    private List<Path> opened = List.of();
    private final ObjectProperty<WorkStage> stage = new SimpleObjectProperty<>(WorkStage.FINDS);
    private final ObjectProperty<Focus> focus = new SimpleObjectProperty<>(new Focus.Nothing());
    private final ObjectProperty<Set<String>> limit = new SimpleObjectProperty<>(Set.of());
    private final BooleanProperty working = new SimpleBooleanProperty();
    private final ObjectProperty<Map<String, Integer>> reading = new SimpleObjectProperty<>(Map.of());
    private final BooleanProperty refreshing = new SimpleBooleanProperty();
    private final DoubleProperty done = new SimpleDoubleProperty();
    private final StringProperty message = new SimpleStringProperty("");
    private final BooleanProperty byPackage = new SimpleBooleanProperty();
    private final BooleanProperty dark = new SimpleBooleanProperty();
    private final IntegerProperty textSize = new SimpleIntegerProperty(100);
    private final History history = new History();
    private final Edits edits = new Edits(message::set);
    private AtomicBoolean stop = new AtomicBoolean();
    private FolderWatch watch;
    private boolean again;
    private String wantedFocus = "nothing";

    ObjectProperty<Project> project() {
        return project;
    }

    /** The definitions that what is shown was found by: shipped ones and those beside the code. */
    Catalogue catalogue() {
        Catalogue own = catalogue;
        return own == null ? Catalogue.shipped() : own;
    }

    ObjectProperty<Findings> findings() {
        return findings;
    }

    ObjectProperty<WorkStage> stage() {
        return stage;
    }

    ObjectProperty<Focus> focus() {
        return focus;
    }

    /** Packages that the lists are limited to; none when they are not. */
    ObjectProperty<Set<String>> limit() {
        return limit;
    }

    /** True when finds and verdicts are listed by package. */
    BooleanProperty byPackage() {
        return byPackage;
    }

    BooleanProperty working() {
        return working;
    }

    /** True while the same code base is replaced by what it is now. */
    BooleanProperty refreshing() {
        return refreshing;
    }

    DoubleProperty done() {
        return done;
    }

    StringProperty message() {
        return message;
    }

    BooleanProperty dark() {
        return dark;
    }

    /** How many types were read so far in each folder; empty when nothing is being read. */
    ObjectProperty<Map<String, Integer>> reading() {
        return reading;
    }

    /** True while the code that is read is the one that is shown already. */
    boolean known() {
        return again;
    }

    /** In percent of the usual. */
    IntegerProperty textSize() {
        return textSize;
    }

    History history() {
        return history;
    }

    /** What the person moved, hid and picked. */
    ObjectProperty<DrawingMemory> memory() {
        return edits.memory();
    }

    void remember(DrawingMemory next) {
        edits.change(next);
    }

    void undo() {
        edits.undo();
    }

    void redo() {
        edits.redo();
    }

    List<Path> opened() {
        return opened;
    }

    /** Opens what was open when the window was closed, and looks at what was looked at. */
    void restore(WindowState state) {
        dark.set(state.dark());
        textSize.set(state.textSize());
        byPackage.set(state.byPackage());
        stage.set(WorkStage.valueOf(state.stage()));
        List<Path> paths = state.sources().stream().map(Path::of).filter(Files::exists).toList();
        if (!paths.isEmpty()) {
            open(paths);
            wantedFocus = state.focus();
        }
    }

    WindowState state() {
        return new WindowState(opened.stream().map(path -> path.toAbsolutePath().toString()).toList(),
                stage.get().name(), focus.get().key(), dark.get(), textSize.get(), byPackage.get());
    }

    /** Moves the focus, and remembers where it was. */
    void look(Focus next) {
        if (!next.equals(focus.get())) {
            history.leave(focus.get());
            focus.set(next);
        }
    }

    void back() {
        Focus before = history.back(focus.get());
        if (before != null) {
            focus.set(before);
        }
    }

    void forward() {
        Focus after = history.forward(focus.get());
        if (after != null) {
            focus.set(after);
        }
    }

    /** Rules for leaving files out that are switched off. */
    ObjectProperty<Set<LeaveOut>> taken() {
        return taken;
    }

    /** Switches rules off and reads the code again. */
    void take(Set<LeaveOut> rules) {
        taken.set(Set.copyOf(rules));
        if (!opened.isEmpty()) {
            open(opened);
        }
    }

    /** Reads a code base in the background; what was open stays until the new one is there. */
    void open(List<Path> paths) {
        opened = List.copyOf(paths);
        wantedFocus = "nothing";
        start(false);
    }

    /** Reads the same code again; the place is kept. */
    void again() {
        if (!opened.isEmpty() && !working.get()) {
            start(true);
        }
    }

    private void start(boolean known) {
        again = known;
        stop();
        var wanted = new AtomicBoolean();
        stop = wanted;
        working.set(true);
        done.set(0);
        message.set("Listing files");
        List<Path> paths = opened;
        Thread.ofVirtual().name("reading").start(() -> read(paths, wanted, known));
    }

    private void watch(List<Path> paths) {
        Thread.ofVirtual().name("watch").start(() -> {
            FolderWatch made = FolderWatch.on(paths, () -> Platform.runLater(() -> {
                if (opened.equals(paths)) {
                    again();
                }
            }));
            Platform.runLater(() -> {
                closeWatch();
                watch = made;
            });
        });
    }

    /** Ends watching; nothing else runs on. */
    void closeWatch() {
        try {
            if (watch != null) {
                watch.close();
            }
        } catch (IOException e) {
            message.set("Watching the folder could not be ended: " + e.getMessage());
        }
    }

    /** Ends the work that is going on; what was read so far is used. */
    void stop() {
        stop.set(true);
    }

    /** The finds, and the sketches that the list shows beside them: both take their time. */
    private Findings find(Project project, Work work) {
        Findings found = project.find(catalogue(), definition -> true, RunCache::ofUser, work);
        found.all().forEach(finding -> PatternSketch.prepare(finding.instance().pattern()));
        return found;
    }

    private void read(List<Path> paths, AtomicBoolean stopped, boolean again) {
        Work work = new WindowWork(stopped);
        try {
            Project read;
            try (RunCache cache = RunCache.ofUser()) {
                read = Project.read(paths, new SourceFilter(List.of(), List.of(), taken.get()), cache, work);
            }
            Project result = read;
            catalogue = Catalogue.with(OwnDefinitions.beside(paths));
            if (again) {
                Findings found = find(result, work);
                Platform.runLater(() -> replace(result, found, stopped));
                return;
            }
            Platform.runLater(() -> {
                history.clear();
                limit.set(Set.of());
                focus.set(new Focus.Nothing());
                findings.set(Findings.NONE);
                edits.open(DrawingMemory.fileFor(paths.getFirst(), WindowState.folder()));
                project.set(result);
                watch(paths);
            });
            Findings found = find(result, work);
            Platform.runLater(() -> {
                findings.set(found);
                Focus last = new FocusFinder(result.model(), found).byKey(wantedFocus);
                if (last != null) {
                    look(last);
                }
                finish(stopped.get() ? "Stopped; what was read is shown." : faults(found));
            });
        } catch (SourceException e) {
            Platform.runLater(() -> finish(e.getMessage()));
        } catch (OutOfMemoryError e) {
            Platform.runLater(() -> finish(SourceException.tooLarge("").getMessage()));
        } catch (RuntimeException e) {
            Platform.runLater(() -> finish(
                    "The work ended at a fault of Huella's own (%s). What is shown stays; open a part of the code instead."
                            .formatted(e)));
        }
    }

    /** What kept definitions from being held against the code, or is wrong with those beside it; else empty. */
    private String faults(Findings found) {
        if (!found.remarks().isEmpty()) {
            return found.remarks().getFirst();
        }
        return catalogue().problems()
                .stream()
                .findFirst()
                .map(problem -> "%s, line %d: %s That definition was left out.".formatted(problem.source(),
                        problem.line(), problem.message()))
                .orElse("");
    }

    /** The same code base as it is now, with the same place in it. */
    private void replace(Project now, Findings found, AtomicBoolean stopped) {
        if (stopped.get()) {
            finish("Stopped; what was open stays.");
            return;
        }
        var finder = new FocusFinder(now.model(), found);
        Focus place = finder.now(focus.get());
        history.replace(finder::now);
        refreshing.set(true);
        project.set(now);
        findings.set(found);
        focus.set(place);
        refreshing.set(false);
        finish("Current again after a save.");
    }

    private void finish(String last) {
        reading.set(Map.of());
        working.set(false);
        message.set(last);
    }

    /** Tells the window how far the work is, a few times a second. */
    private final class WindowWork implements Work {
        private final AtomicBoolean stopped;
        private final Map<String, Integer> folders = new ConcurrentSkipListMap<>();
        private long last;

        WindowWork(AtomicBoolean stopped) {
            this.stopped = stopped;
        }

        @Override
        public synchronized void progress(Stage at, long count, long known) {
            if (System.nanoTime() - last < EVERY_NANOS && count < known) {
                return;
            }
            last = System.nanoTime();
            String text = switch (at) {
                case LISTING -> "Listing files";
                case READING -> "Read %,d of %,d files".formatted(count, known);
                case RESOLVING -> "Resolved %,d of %,d files".formatted(count, known);
                case MATCHING -> "Held against %d of %d definitions".formatted(count, known);
            };
            Map<String, Integer> soFar = at == Stage.READING ? Map.copyOf(folders) : Map.of();
            Platform.runLater(() -> {
                if (working.get() && stop == stopped) {
                    message.set(text);
                    reading.set(soFar);
                    done.set(known == 0 ? 0 : (double) count / known);
                }
            });
        }

        @Override
        public void read(String path, int types) {
            if (types > 0) {
                folders.merge(path.contains("/") ? path.substring(0, path.lastIndexOf('/')) : "", types, Integer::sum);
            }
        }

        @Override
        public boolean stopped() {
            return stopped.get();
        }
    }
}
