package dev.huella.core.reading;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.ServiceLoader;
import java.util.TreeMap;

/** The readers there are, found by {@link ServiceLoader}. */
public final class LanguageReaders {
    private static final LanguageReaders INSTALLED = new LanguageReaders(ServiceLoader.load(LanguageReader.class));
    private final Map<String, LanguageReader> byExtension = new HashMap<>();
    private final Map<String, LanguageReader> byLanguage = new TreeMap<>();

    LanguageReaders(Iterable<LanguageReader> readers) {
        for (var reader : readers) {
            byLanguage.put(reader.language(), reader);
            for (var extension : reader.extensions()) {
                var other = byExtension.putIfAbsent(extension, reader);
                if (other != null) {
                    throw new IllegalStateException("Both %s and %s claim files ending in .%s"
                            .formatted(other.language(), reader.language(), extension));
                }
            }
        }
    }

    public static LanguageReaders installed() {
        return INSTALLED;
    }

    /** Null when no reader takes files with that ending. */
    public LanguageReader forExtension(String extension) {
        return byExtension.get(extension);
    }

    /** In the order of the languages' ids. */
    public Collection<LanguageReader> all() {
        return byLanguage.values();
    }
}
