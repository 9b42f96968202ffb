package dev.huella.core.reading;

import dev.huella.core.facts.FileFacts;
import java.util.Set;

/** Reads one language. Broken source becomes problems among the facts, never an exception. */
public interface LanguageReader {
    /** The language's id in the structure format, for example {@code java}. */
    String language();

    /** Endings in lower case, without the dot. Two readers may not claim the same one. */
    Set<String> extensions();

    /**
     * Facts of one file.
     *
     * @param path as it is to stand in places
     * @param utf8 the text
     */
    FileFacts read(String path, byte[] utf8);

    /** The bare parse without any facts: what reading is measured against. Returns the number of bytes parsed. */
    int parseOnly(byte[] utf8);

    /** Stretches of the text to be shown in a colour, in order; plain text between them is not listed. */
    java.util.List<Tint> tints(byte[] utf8);

    /** A stretch of text, in bytes of the UTF-8 text, and what it is. */
    record Tint(int start, int end, Kind kind) {
        /** What a stretch of code is, for showing it. */
        public enum Kind {
            WORD, TEXT, NUMBER, COMMENT, TYPE
        }
    }
}
