package dev.huella.core.match;

import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/**
 * All combinations of elements for which one clause holds, with the place that shows each. Columns are indexed when
 * first asked for: row numbers sorted by what stands in the column.
 */
final class Table {
    private final int width;
    private int[] cells = new int[64];
    private SourceSpan[] places = new SourceSpan[16];
    private int size;
    private final long[][] indexes;
    private volatile LongRows whole;
    private final Set<Row> unplaced = new HashSet<>();

    Table(int width) {
        this.width = width;
        this.indexes = new long[width][];
    }

    private record Row(int a, int b, int c) {}

    /** Elements without a number are outside all that the model knows; such rows are dropped. */
    void add(SourceSpan at, Element... elements) {
        for (Element element : elements) {
            if (element == null || element.id() < 0) {
                return;
            }
        }
        int[] row = new int[width];
        for (int i = 0; i < width; i++) {
            row[i] = elements[i].id();
        }
        add(at, row);
    }

    void add(SourceSpan at, int... row) {
        if (at == null && width <= 3
                && !unplaced.add(new Row(row[0], width > 1 ? row[1] : -1, width > 2 ? row[2] : -1))) {
            return;
        }
        if ((size + 1) * width > cells.length) {
            cells = Arrays.copyOf(cells, cells.length * 2);
        }
        if (size == places.length) {
            places = Arrays.copyOf(places, size * 2);
        }
        System.arraycopy(row, 0, cells, size * width, width);
        places[size++] = at;
    }

    /** No more rows come: what only served adding is let go. */
    Table close() {
        unplaced.clear();
        return this;
    }

    int size() {
        return size;
    }

    int width() {
        return width;
    }

    int cell(int row, int column) {
        return cells[row * width + column];
    }

    SourceSpan place(int row) {
        return places[row];
    }

    private synchronized long[] index(int column) {
        if (indexes[column] == null) {
            long[] sorted = new long[size];
            for (int row = 0; row < size; row++) {
                sorted[row] = (long) cell(row, column) << 32 | row;
            }
            Arrays.sort(sorted);
            indexes[column] = sorted;
        }
        return indexes[column];
    }

    /** Rows with that element in that column, as a stretch of the column's index. */
    Slice rows(int column, int element) {
        long[] index = indexes[column] == null ? index(column) : indexes[column];
        int from = lowest(index, (long) element << 32);
        int to = lowest(index, (long) (element + 1) << 32);
        return new Slice(index, from, to);
    }

    /** The first row that is just so; -1 when there is none. Only for tables of up to three columns. */
    int find(int a, int b, int c) {
        long key = key(a, b, c);
        LongRows rows = whole == null ? whole() : whole;
        return rows.get(key);
    }

    private static long key(int a, int b, int c) {
        return ((long) a << 42) ^ ((long) b << 21) ^ c;
    }

    private synchronized LongRows whole() {
        if (whole == null) {
            var rows = new LongRows(size);
            for (int row = 0; row < size; row++) {
                rows.put(key(cell(row, 0), width > 1 ? cell(row, 1) : 0, width > 2 ? cell(row, 2) : 0), row);
            }
            whole = rows;
        }
        return whole;
    }

    Slice rows() {
        return new Slice(null, 0, size);
    }

    private static int lowest(long[] index, long key) {
        int found = Arrays.binarySearch(index, key);
        return found >= 0 ? found : -found - 1;
    }

    /** Some rows of a table, in the order they were added within one element. */
    record Slice(long[] index, int from, int to) {
        static final Slice EMPTY = new Slice(null, 0, 0);

        int size() {
            return to - from;
        }

        int row(int position) {
            return index == null ? from + position : (int) index[from + position];
        }
    }
}
