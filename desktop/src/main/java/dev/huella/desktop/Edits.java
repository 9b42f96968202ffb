package dev.huella.desktop;

import dev.huella.core.project.DrawingMemory;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** What a person did to drawings, with a way back; written to its file after each step, in the background. */
final class Edits {
    private static final int LONGEST = 200;
    private final ObjectProperty<DrawingMemory> memory = new SimpleObjectProperty<>(DrawingMemory.empty());
    private final Deque<DrawingMemory> before = new ArrayDeque<>();
    private final Deque<DrawingMemory> after = new ArrayDeque<>();
    private final ExecutorService writing = Executors.newSingleThreadExecutor(Thread.ofVirtual().factory());
    private final Consumer<String> told;
    private Path file;

    /** {@code told}: hears in a sentence when the file cannot be read or written. */
    Edits(Consumer<String> told) {
        this.told = told;
    }

    ObjectProperty<DrawingMemory> memory() {
        return memory;
    }

    /** Takes up what was remembered of a code base. A file that cannot be understood is left alone, and not written. */
    void open(Path from) {
        before.clear();
        after.clear();
        file = from;
        try {
            memory.set(DrawingMemory.load(from));
        } catch (IOException e) {
            file = null;
            memory.set(DrawingMemory.empty());
            told.accept(e.getMessage());
        }
    }

    void change(DrawingMemory next) {
        before.push(memory.get());
        if (before.size() > LONGEST) {
            before.removeLast();
        }
        after.clear();
        put(next);
    }

    void undo() {
        step(before, after);
    }

    void redo() {
        step(after, before);
    }

    private void step(Deque<DrawingMemory> from, Deque<DrawingMemory> to) {
        if (!from.isEmpty()) {
            to.push(memory.get());
            put(from.pop());
        }
    }

    private void put(DrawingMemory next) {
        memory.set(next);
        Path to = file;
        if (to != null) {
            writing.submit(() -> {
                try {
                    next.save(to);
                } catch (IOException e) {
                    Platform.runLater(() -> told.accept(
                            "What you moved could not be written to %s (%s). It is kept until the window closes."
                                    .formatted(to, e.getMessage())));
                }
            });
        }
    }
}
