package dev.huella.core.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is remembered of the drawings of a code base, in a readable text file beside the code.
 *
 * @param drawings changes by the key of a drawing
 * @param sets types picked by hand, by the name of the set
 */
public record DrawingMemory(Map<String, DrawingEdits> drawings, Map<String, List<String>> sets) {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    public DrawingMemory {
        drawings = new TreeMap<>(drawings == null ? Map.of() : drawings);
        sets = new TreeMap<>(sets == null ? Map.of() : sets);
    }

    public static DrawingMemory empty() {
        return new DrawingMemory(Map.of(), Map.of());
    }

    /** Where the memory of a source is: inside a folder that can be written to, else among the person's own files. */
    public static Path fileFor(Path source, Path own) {
        Path whole = source.toAbsolutePath().normalize();
        return Files.isDirectory(whole) && Files.isWritable(whole)
                ? whole.resolve(".huella").resolve("drawings.json")
                : own.resolve("drawings-%08x.json".formatted(whole.toString().hashCode()));
    }

    /**
     * What was remembered; nothing when there is no file.
     *
     * @throws IOException with a sentence when the file cannot be understood; it is left as it is
     */
    public static DrawingMemory load(Path file) throws IOException {
        if (!Files.exists(file)) {
            return empty();
        }
        try {
            return JSON.readValue(file.toFile(), DrawingMemory.class);
        } catch (JsonProcessingException e) {
            throw new IOException(("%s, line %d, is not what it was written as, so moved and hidden boxes are not "
                    + "applied. Mend the line, or delete the file to begin anew.").formatted(file,
                            e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    e);
        }
    }

    /** Writes the file whole, or leaves the old one. */
    public void save(Path file) throws IOException {
        Files.createDirectories(file.getParent());
        Path fresh = file.resolveSibling(file.getFileName() + ".new");
        JSON.writeValue(fresh.toFile(), this);
        Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    /** The changes of one drawing. */
    public DrawingEdits of(String key) {
        return drawings.getOrDefault(key, DrawingEdits.NONE);
    }

    /** The same with other changes of one drawing. */
    public DrawingMemory with(String key, DrawingEdits edits) {
        Map<String, DrawingEdits> all = new TreeMap<>(drawings);
        if (edits.isNothing()) {
            all.remove(key);
        } else {
            all.put(key, edits);
        }
        return new DrawingMemory(all, sets);
    }

    /** The same with a set of types, or without it when there are none in it. */
    public DrawingMemory withSet(String name, List<String> types) {
        Map<String, List<String>> all = new TreeMap<>(sets);
        if (types.isEmpty()) {
            all.remove(name);
        } else {
            all.put(name, List.copyOf(types));
        }
        return new DrawingMemory(drawings, all);
    }
}
