package dev.huella.desktop;

import dev.huella.core.reading.LanguageReaders;
import java.io.IOException;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.FileSystems;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchEvent;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/** Tells when code inside folders was saved, once things have been quiet for a moment. */
final class FolderWatch implements AutoCloseable {
    private static final Set<String> PASSED_OVER = Set.of(".git", ".huella", "target", "build", "node_modules");
    private static final LanguageReaders READERS = LanguageReaders.installed();
    private static final long QUIET_MILLIS = 300;
    private final WatchService service;
    private final Runnable changed;

    private FolderWatch(WatchService service, Runnable changed) {
        this.service = service;
        this.changed = changed;
    }

    /** Null when the system cannot watch, or there is no folder among the paths. */
    static FolderWatch on(List<Path> paths, Runnable changed) {
        try {
            var made = new FolderWatch(FileSystems.getDefault().newWatchService(), changed);
            boolean any = false;
            for (Path path : paths) {
                if (Files.isDirectory(path)) {
                    made.add(path);
                    any = true;
                }
            }
            if (!any) {
                made.close();
                return null;
            }
            Thread.ofVirtual().name("watching").start(made::watch);
            return made;
        } catch (IOException | UnsupportedOperationException e) {
            return null; // the code can still be read again by hand
        }
    }

    private void add(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path inner, BasicFileAttributes attributes) throws IOException {
                if (PASSED_OVER.contains(String.valueOf(inner.getFileName()))) {
                    return FileVisitResult.SKIP_SUBTREE;
                }
                inner.register(service, StandardWatchEventKinds.ENTRY_CREATE, StandardWatchEventKinds.ENTRY_DELETE,
                        StandardWatchEventKinds.ENTRY_MODIFY);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFileFailed(Path file, IOException e) {
                return FileVisitResult.CONTINUE;
            }
        });
    }

    private void watch() {
        try {
            while (true) {
                boolean real = take(service.take());
                for (WatchKey next = service.poll(QUIET_MILLIS, TimeUnit.MILLISECONDS); next != null; next = service
                        .poll(QUIET_MILLIS, TimeUnit.MILLISECONDS)) {
                    real |= take(next);
                }
                if (real) {
                    changed.run();
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ClosedWatchServiceException e) {
            return; // watching is over
        }
    }

    private static boolean isCode(String name) {
        return READERS.forExtension(name.substring(name.lastIndexOf('.') + 1)) != null;
    }

    /** False when no code changed. */
    private boolean take(WatchKey key) {
        boolean real = false;
        for (WatchEvent<?> event : key.pollEvents()) {
            if (event.context() instanceof Path name && !PASSED_OVER.contains(name.toString())) {
                Path whole = ((Path) key.watchable()).resolve(name);
                real |= isCode(name.toString()) || Files.isDirectory(whole);
                if (event.kind() == StandardWatchEventKinds.ENTRY_CREATE && Files.isDirectory(whole)) {
                    try {
                        add(whole);
                    } catch (IOException e) {
                        continue; // it is gone again
                    }
                }
            }
        }
        key.reset();
        return real;
    }

    @Override
    public void close() throws IOException {
        service.close();
    }
}
