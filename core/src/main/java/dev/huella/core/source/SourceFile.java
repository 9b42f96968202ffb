package dev.huella.core.source;

import java.io.IOException;

/**
 * One file of a source. Its bytes are fetched when asked for and not kept.
 *
 * @param path path inside the source, with forward slashes; unique within it
 * @param size bytes, as the folder or archive says
 */
public record SourceFile(String path, long size, Content content) {

    /** Where the bytes come from: a file on disk, an entry of an archive. */
    @FunctionalInterface
    public interface Content {
        byte[] bytes() throws IOException;
    }

    /** The ending in lower case without the dot; empty when there is none. */
    public String extension() {
        int dot = path.lastIndexOf('.');
        return dot < 0 || dot < path.lastIndexOf('/') ? "" : path.substring(dot + 1).toLowerCase(java.util.Locale.ROOT);
    }
}
