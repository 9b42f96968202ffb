package dev.huella.core.project;

import dev.huella.core.conformance.Findings;
import dev.huella.core.exchange.packed.FactsReader;
import dev.huella.core.exchange.packed.FactsWriter;
import dev.huella.core.exchange.packed.FindingsReader;
import dev.huella.core.exchange.packed.FindingsWriter;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;

/**
 * What runs worked out, kept for later ones: facts by the content of their file, finds by that of the whole code base,
 * both by the version of the program. It may be deleted at any time: whatever goes wrong with it (it is damaged, the disk
 * is full, another process has it) only costs the time to work it out again.
 */
public final class RunCache implements AutoCloseable {
    /** Keeps nothing. */
    public static final RunCache NONE = new RunCache(null, "");
    /** When it has grown beyond this it is begun anew. Bytes. */
    private static final long LARGEST = 1L << 30;
    private final MVStore store;
    private final MVMap<String, byte[]> facts;
    private final MVMap<String, byte[]> finds;
    private final String version;
    private volatile boolean failed;

    private RunCache(MVStore store, String version) {
        this.store = store;
        this.version = version;
        this.facts = store == null ? null : store.openMap("facts");
        this.finds = store == null ? null : store.openMap("finds");
    }

    /** The cache of this user; {@code huella.cache} names another file, or {@code off}. */
    public static RunCache ofUser() {
        String given = System.getProperty("huella.cache", "");
        if (given.equals("off")) {
            return NONE;
        }
        String base = System.getenv("XDG_CACHE_HOME");
        Path folder = base == null || base.isBlank()
                ? Path.of(System.getProperty("user.home"), ".cache")
                : Path.of(base);
        return open(given.isEmpty() ? folder.resolve("huella/runs.mv") : Path.of(given));
    }

    /** A cache in a file; one that keeps nothing when the file cannot be used. */
    public static RunCache open(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (Files.exists(file) && Files.size(file) > LARGEST) {
                Files.delete(file);
            }
            return new RunCache(store(file), programVersion());
        } catch (IOException | RuntimeException e) {
            return NONE; // reading without it is slower, not wrong
        }
    }

    private static MVStore store(Path file) throws IOException {
        try {
            return opened(file);
        } catch (MVStoreException e) {
            if (e.getErrorCode() == org.h2.mvstore.DataUtils.ERROR_FILE_LOCKED) {
                throw e;
            }
            Files.deleteIfExists(file); // damaged: begun anew
            return opened(file);
        }
    }

    private static MVStore opened(Path file) {
        return new MVStore.Builder().fileName(file.toString()).autoCommitDisabled().compress().open();
    }

    /** Changes whenever the program does: facts of another version may mean something else. */
    private static String programVersion() throws IOException {
        try {
            Path program = Path.of(RunCache.class.getProtectionDomain().getCodeSource().getLocation().toURI());
            if (Files.isRegularFile(program)) {
                return Files.getLastModifiedTime(program).toMillis() + "/" + Files.size(program);
            }
            try (var classes = Files.walk(program)) {
                return classes.filter(Files::isRegularFile)
                        .mapToLong(path -> path.toFile().lastModified())
                        .max()
                        .orElse(0) + "/";
            }
        } catch (java.net.URISyntaxException e) {
            throw new IOException(e);
        }
    }

    /**
     * The facts of a file, from earlier if it has not changed since.
     *
     * @param key of the file, as {@link #key} gives it
     */
    FileFacts facts(String path, String key, Supplier<FileFacts> reading) {
        if (store == null || failed) {
            return reading.get();
        }
        FileFacts known = known(key, path);
        if (known != null) {
            return known;
        }
        FileFacts read = reading.get();
        try {
            keep(facts, key, FactsWriter.bytes(read));
        } catch (StackOverflowError e) {
            return read; // nested too deeply to be written; it will be read again
        }
        return read;
    }

    private void keep(MVMap<String, byte[]> where, String key, byte[] bytes) {
        try {
            where.put(key, bytes);
        } catch (MVStoreException e) {
            failed = true; // the disk is full, say: nothing more is kept
        }
    }

    private FileFacts known(String key, String path) {
        try {
            byte[] bytes = facts.get(key);
            return bytes == null ? null : FactsReader.facts(bytes, path);
        } catch (RuntimeException | StackOverflowError e) {
            return null; // damaged, or nested too deeply: it is read again
        }
    }

    /** What was found when the same was asked of the same code before; null when that is not kept. */
    Findings findings(Question question, Model model, Catalogue catalogue) {
        if (store == null || failed) {
            return null;
        }
        try {
            byte[] bytes = finds.get(digest(version, question.what()));
            return bytes == null ? null : FindingsReader.findings(bytes, question.state(), model, catalogue);
        } catch (RuntimeException e) {
            return null; // damaged: it is found again and replaced
        }
    }

    /** Keeps what was found; it takes the place of what the same question gave before. */
    void keep(Question question, Findings findings, Model model) {
        if (store != null && !failed) {
            keep(finds, digest(version, question.what()), FindingsWriter.bytes(findings, question.state(), model));
        }
    }

    /**
     * What finds are kept under.
     *
     * @param what which definitions are held against which code base
     * @param state what these definitions and the files of that code base hold, as a digest
     */
    record Question(String what, String state) {}

    /** The key of a file's facts. */
    String key(String path, byte[] utf8) {
        return store == null ? "" : digest(sha -> {
            text(sha, version);
            text(sha, path);
            sha.update(utf8);
        });
    }

    /** One key for several texts. */
    static String digest(String... parts) {
        return digest(sha -> {
            for (String part : parts) {
                text(sha, part);
            }
        });
    }

    private static void text(MessageDigest sha, String text) {
        byte[] utf8 = text.getBytes(StandardCharsets.UTF_8);
        sha.update(ByteBuffer.allocate(Integer.BYTES).putInt(utf8.length).array());
        sha.update(utf8);
    }

    private static String digest(Consumer<MessageDigest> content) {
        try {
            MessageDigest sha = MessageDigest.getInstance("SHA-256");
            content.accept(sha);
            return HexFormat.of().formatHex(sha.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e); // every platform has it
        }
    }

    @Override
    public void close() {
        if (store != null) {
            try {
                store.close();
            } catch (MVStoreException e) {
                store.closeImmediately();
            }
        }
    }
}
