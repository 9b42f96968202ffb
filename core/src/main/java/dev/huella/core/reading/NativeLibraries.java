package dev.huella.core.reading;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.foreign.SymbolLookup;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Finds the parser libraries: first in the folder named by the property {@code huella.natives} or the environment
 * variable {@code HUELLA_NATIVES}, where a library built with optimisation may lie, then inside the jars.
 */
@SuppressWarnings("restricted") // loading native libraries is what this class is for
public final class NativeLibraries {
    private static final Map<String, SymbolLookup> LOADED = new ConcurrentHashMap<>();
    private static final Map<String, String> ORIGINS = new ConcurrentHashMap<>();

    private NativeLibraries() {}

    /** Where a library of this run came from, in words; for benchmarks. */
    public static Map<String, String> origins() {
        return Map.copyOf(ORIGINS);
    }

    static SymbolLookup load(String name) {
        return LOADED.computeIfAbsent(name, NativeLibraries::open);
    }

    private static SymbolLookup open(String name) {
        Path given = given(name);
        if (given != null) {
            ORIGINS.put(name, given.toString());
            return SymbolLookup.libraryLookup(given, TreeSitter.forever());
        }
        ORIGINS.put(name, "as published");
        return SymbolLookup.libraryLookup(unpack(name), TreeSitter.forever());
    }

    private static Path given(String name) {
        String folder = System.getProperty("huella.natives", System.getenv("HUELLA_NATIVES"));
        if (folder == null || folder.isBlank()) {
            return null;
        }
        Path file = Path.of(folder, "lib" + name + "." + ending());
        return Files.isRegularFile(file) ? file : null;
    }

    private static Path unpack(String name) {
        String resource = "/lib/%s-%s.%s".formatted(platform(), name, ending());
        try (var in = NativeLibraries.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException(("There is no parser library %s for this platform. Build one and name "
                        + "its folder in HUELLA_NATIVES (docs/natives.md).").formatted(resource));
            }
            Path file = Files.createTempFile("huella-" + name, "." + ending());
            file.toFile().deleteOnExit();
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException("The parser library " + resource + " could not be unpacked", e);
        }
    }

    private static String platform() {
        String machine = System.getProperty("os.arch").toLowerCase(Locale.ROOT);
        String processor = machine.contains("aarch64") || machine.contains("arm64") ? "aarch64" : "x86_64";
        return processor + switch (system()) {
            case "mac" -> "-macos";
            case "windows" -> "-windows";
            default -> "-linux-gnu";
        };
    }

    private static String ending() {
        return switch (system()) {
            case "mac" -> "dylib";
            case "windows" -> "dll";
            default -> "so";
        };
    }

    private static String system() {
        String name = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        return name.contains("mac") ? "mac" : name.contains("win") ? "windows" : "linux";
    }
}
