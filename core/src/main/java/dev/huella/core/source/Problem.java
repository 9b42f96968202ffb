package dev.huella.core.source;

/**
 * Something in the sources that could not be read as meant. Never stops a run.
 *
 * @param line counts from 1; 0 when the problem concerns the file as a whole
 * @param column counts from 1; 0 when the problem concerns the file as a whole
 * @param message what was expected, what is there, and what it means
 */
public record Problem(String file, int line, int column, String message) implements Comparable<Problem> {
    @Override
    public int compareTo(Problem other) {
        int byFile = file.compareTo(other.file);
        if (byFile != 0) {
            return byFile;
        }
        return line != other.line ? Integer.compare(line, other.line) : Integer.compare(column, other.column);
    }
}
