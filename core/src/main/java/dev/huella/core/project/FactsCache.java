package dev.huella.core.project;

import dev.huella.core.exchange.facts.FactsReader;
import dev.huella.core.exchange.facts.FactsWriter;
import dev.huella.core.facts.FileFacts;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.function.Supplier;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;

/**
 * Facts kept between runs, by the content of the file and the version of the program. It may be deleted at any time:
 * whatever goes wrong with it (it is damaged, the disk is full, another process has it) only costs the time to read
 * again.
 */
public final class FactsCache implements AutoCloseable {
    /** Keeps nothing. */
    public static final FactsCache NONE = new FactsCache(null, "");
    /** When it has grown beyond this it is begun anew. Bytes. */
    private static final long LARGEST = 1L << 30;
    private final MVStore store;
    private final MVMap<String, byte[]> facts;
    private final String version;
    private volatile boolean failed;

    private FactsCache(MVStore store, String version) {
        this.store = store;
        this.version = version;
        this.facts = store == null ? null : store.openMap("facts");
    }

    /** The cache of this user; {@code huella.cache} names another file, or {@code off}. */
    public static FactsCache ofUser() {
        String given = System.getProperty("huella.cache", "");
        if (given.equals("off")) {
            return NONE;
        }
        String base = System.getenv("XDG_CACHE_HOME");
        Path folder = base == null || base.isBlank()
                ? Path.of(System.getProperty("user.home"), ".cache")
                : Path.of(base);
        return open(given.isEmpty() ? folder.resolve("huella/facts.mv") : Path.of(given));
    }

    /** A cache in a file; one that keeps nothing when the file cannot be used. */
    public static FactsCache open(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (Files.exists(file) && Files.size(file) > LARGEST) {
                Files.delete(file);
            }
            return new FactsCache(store(file), programVersion());
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
            Path program = Path.of(FactsCache.class.getProtectionDomain().getCodeSource().getLocation().toURI());
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

    /** The facts of a file, from earlier if it has not changed since. */
    FileFacts facts(String path, byte[] utf8, Supplier<FileFacts> reading) {
        if (store == null || failed) {
            return reading.get();
        }
        String key = key(path, utf8);
        FileFacts known = known(key, path);
        if (known != null) {
            return known;
        }
        FileFacts read = reading.get();
        try {
            facts.put(key, FactsWriter.bytes(read));
        } catch (MVStoreException e) {
            failed = true; // the disk is full, say: nothing more is kept
        }
        return read;
    }

    private FileFacts known(String key, String path) {
        try {
            byte[] bytes = facts.get(key);
            return bytes == null ? null : FactsReader.facts(bytes, path);
        } catch (RuntimeException e) {
            return null; // damaged: it is read again and replaced
        }
    }

    private String key(String path, byte[] utf8) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(version.getBytes(StandardCharsets.UTF_8));
            digest.update(path.getBytes(StandardCharsets.UTF_8));
            digest.update(ByteBuffer.allocate(4).putInt(path.length()).array());
            digest.update(utf8);
            return HexFormat.of().formatHex(digest.digest());
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
