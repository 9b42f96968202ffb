package dev.huella.core.source;

import static java.util.Objects.requireNonNull;

/**
 * A stretch of one source file. Lines and columns count from 1; the end is exclusive.
 *
 * @param file path of the file as the source names it, with forward slashes
 */
public record SourceSpan(String file, int line, int column, int endLine, int endColumn)
        implements
            Comparable<SourceSpan> {
    public SourceSpan {
        requireNonNull(file, "file");
        if (line < 1 || column < 1) {
            throw new IllegalArgumentException("line and column count from 1, got " + line + ":" + column);
        }
        if (endLine < line || endLine == line && endColumn < column) {
            throw new IllegalArgumentException(
                    "end %d:%d is before start %d:%d".formatted(endLine, endColumn, line, column));
        }
    }

    /** True when the other stretch lies inside this one, ends included. */
    public boolean contains(SourceSpan other) {
        return file.equals(other.file) && !before(other.line, other.column, line, column)
                && !before(endLine, endColumn, other.endLine, other.endColumn);
    }

    private static boolean before(int line, int column, int otherLine, int otherColumn) {
        return line < otherLine || line == otherLine && column < otherColumn;
    }

    @Override
    public int compareTo(SourceSpan other) {
        int byFile = file.compareTo(other.file);
        if (byFile != 0) {
            return byFile;
        }
        return line != other.line ? Integer.compare(line, other.line) : Integer.compare(column, other.column);
    }
}
