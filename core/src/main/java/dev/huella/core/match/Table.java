package dev.huella.core.match;

import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.Arrays;

/**
 * All combinations of elements for which one clause holds, with the place that shows each. Columns are indexed when
 * first asked for: row numbers sorted by what stands in the column.
 */
final class Table {
    /** A table with fewer rows than one to so many elements is sparse. */
    private static final int SPARSE = 8;
    private final int width;
    private int[] cells = new int[64];
    private SourceSpan[] places = new SourceSpan[16];
    private int size;
    private final Index[] indexes;
    private volatile LongRows whole;
    private Tuples unplaced;

    Table(int width) {
        this.width = width;
        this.indexes = new Index[width];
    }

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
        if (at == null && !isNew(row)) {
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

    private boolean isNew(int[] row) {
        unplaced = unplaced == null ? new Tuples(width) : unplaced;
        return unplaced.add(row);
    }

    /** No more rows come: what only served adding is let go. */
    Table close() {
        unplaced = null;
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

    /** Row numbers by what stands in one column, in the order they were added. */
    private sealed interface Index {
        Slice rows(int element);

        int count(int element);
    }

    /** Cells and rows sorted together: small, for tables that speak of few elements. */
    private record Sorted(long[] sorted, int[] rows) implements Index {
        @Override
        public Slice rows(int element) {
            int from = lowest((long) element << 32);
            return new Slice(rows, from, lowest((long) (element + 1) << 32));
        }

        @Override
        public int count(int element) {
            return lowest((long) (element + 1) << 32) - lowest((long) element << 32);
        }

        private int lowest(long key) {
            int found = Arrays.binarySearch(sorted, key);
            return found >= 0 ? found : -found - 1;
        }
    }

    /** Where the rows of each element begin: at once to hand, for tables that speak of many. */
    private record Direct(int lowest, int[] begins, int[] rows) implements Index {
        @Override
        public Slice rows(int element) {
            int at = element - lowest;
            return at < 0 || at + 1 >= begins.length ? Slice.EMPTY : new Slice(rows, begins[at], begins[at + 1]);
        }

        @Override
        public int count(int element) {
            int at = element - lowest;
            return at < 0 || at + 1 >= begins.length ? 0 : begins[at + 1] - begins[at];
        }
    }

    private synchronized Index index(int column) {
        if (indexes[column] == null) {
            int lowest = Integer.MAX_VALUE;
            int highest = -1;
            for (int row = 0; row < size; row++) {
                lowest = Math.min(lowest, cell(row, column));
                highest = Math.max(highest, cell(row, column));
            }
            indexes[column] = size > 0 && size > (highest - lowest) / SPARSE
                    ? direct(column, lowest, highest)
                    : sorted(column);
        }
        return indexes[column];
    }

    private Index sorted(int column) {
        long[] sorted = new long[size];
        for (int row = 0; row < size; row++) {
            sorted[row] = (long) cell(row, column) << 32 | row;
        }
        Arrays.sort(sorted);
        return new Sorted(sorted, Arrays.stream(sorted).mapToInt(key -> (int) key).toArray());
    }

    private Index direct(int column, int lowest, int highest) {
        int[] begins = new int[highest - lowest + 3];
        for (int row = 0; row < size; row++) {
            begins[cell(row, column) - lowest + 2]++;
        }
        for (int element = 2; element < begins.length; element++) {
            begins[element] += begins[element - 1];
        }
        int[] rows = new int[size];
        for (int row = 0; row < size; row++) {
            rows[begins[cell(row, column) - lowest + 1]++] = row;
        }
        return new Direct(lowest, Arrays.copyOf(begins, begins.length - 1), rows);
    }

    /** Rows with that element in that column. */
    Slice rows(int column, int element) {
        return indexed(column).rows(element);
    }

    /** How many rows have that element in that column. */
    int count(int column, int element) {
        return indexed(column).count(element);
    }

    private Index indexed(int column) {
        return indexes[column] == null ? index(column) : indexes[column];
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

    /** Some rows of a table, in the order they were added within one element. */
    record Slice(int[] index, int from, int to) {
        static final Slice EMPTY = new Slice(null, 0, 0);

        int size() {
            return to - from;
        }

        int row(int position) {
            return index == null ? from + position : index[from + position];
        }
    }
}
