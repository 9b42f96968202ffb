package dev.huella.core.reading;

import dev.huella.core.source.SourceSpan;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A syntax tree as arrays of numbers: quick to fill, quick to go through, reused from file to file. Positions are
 * bytes of the UTF-8 text; lines and columns are worked out when a span is asked for.
 */
public final class SyntaxTree {
    private static final int FIRST_SIZE = 1 << 14;
    private static final int NEAR = 6;
    private final Grammar grammar;
    private final TextPool pool = new TextPool();
    private byte[] text = {};
    private String path = "";
    private int[] lineStarts = new int[1024];
    private int lines;
    private int lastLine;
    private int size;
    private boolean broken;
    private boolean ascii;
    private int[] symbols = new int[FIRST_SIZE];
    private int[] fields = new int[FIRST_SIZE];
    private int[] starts = new int[FIRST_SIZE];
    private int[] ends = new int[FIRST_SIZE];
    private int[] firstChild = new int[FIRST_SIZE];
    private int[] lastChild = new int[FIRST_SIZE];
    private int[] nextSibling = new int[FIRST_SIZE];
    private int[] stack = new int[256];
    private int depth;
    private final List<SyntaxNode> errors = new ArrayList<>();

    SyntaxTree(Grammar grammar) {
        this.grammar = grammar;
    }

    void begin(byte[] utf8, boolean hasErrors) {
        text = utf8;
        broken = hasErrors;
        size = 0;
        depth = 0;
        errors.clear();
        lines = 0;
        lastLine = 0;
        addLine(0);
        ascii = true;
        for (int i = 0; i < utf8.length; i++) {
            ascii &= utf8[i] >= 0;
            if (utf8[i] == '\n') {
                addLine(i + 1);
            }
        }
    }

    /** Forgets the nodes; the text stays. */
    void restart() {
        size = 0;
        depth = 0;
        errors.clear();
    }

    int size() {
        return size;
    }

    /** A number that two trees share only if they have the same nodes in the same places. */
    long print() {
        long print = size;
        for (int i = 0; i < size; i++) {
            print = print * 31 + symbols[i];
            print = print * 31 + fields[i];
            print = print * 31 + starts[i];
            print = print * 31 + ends[i];
            print = print * 31 + firstChild[i];
            print = print * 31 + nextSibling[i];
        }
        return print * 31 + errors.size();
    }

    private void addLine(int start) {
        if (lines == lineStarts.length) {
            lineStarts = Arrays.copyOf(lineStarts, lines * 2);
        }
        lineStarts[lines++] = start;
    }

    int add(int parent, int symbol, int field, int start, int end, boolean missing) {
        if (size == symbols.length) {
            grow();
        }
        int index = size++;
        symbols[index] = symbol;
        fields[index] = field;
        starts[index] = start;
        ends[index] = end;
        firstChild[index] = -1;
        lastChild[index] = -1;
        nextSibling[index] = -1;
        if (parent >= 0) {
            if (lastChild[parent] < 0) {
                firstChild[parent] = index;
            } else {
                nextSibling[lastChild[parent]] = index;
            }
            lastChild[parent] = index;
        }
        if (missing || symbol == 0xFFFF) {
            errors.add(new SyntaxNode(this, index));
        }
        return index;
    }

    private void grow() {
        int larger = size * 2;
        symbols = Arrays.copyOf(symbols, larger);
        fields = Arrays.copyOf(fields, larger);
        starts = Arrays.copyOf(starts, larger);
        ends = Arrays.copyOf(ends, larger);
        firstChild = Arrays.copyOf(firstChild, larger);
        lastChild = Arrays.copyOf(lastChild, larger);
        nextSibling = Arrays.copyOf(nextSibling, larger);
    }

    void push(int index) {
        if (depth == stack.length) {
            stack = Arrays.copyOf(stack, depth * 2);
        }
        stack[depth++] = index;
    }

    void pop() {
        depth--;
    }

    boolean isOpen() {
        return depth > 0;
    }

    int open() {
        return stack[depth - 1];
    }

    int symbol(int index) {
        return symbols[index];
    }

    int start(int index) {
        return starts[index];
    }

    int end(int index) {
        return ends[index];
    }

    int first(int index) {
        return firstChild[index];
    }

    int next(int index) {
        return nextSibling[index];
    }

    String kind(int index) {
        return grammar.symbol(symbols[index]);
    }

    boolean named(int index) {
        return grammar.named(symbols[index]);
    }

    String field(int index) {
        return fields[index] == 0 ? null : grammar.field(fields[index]);
    }

    /** Names the file that places are to speak of. */
    public SyntaxTree named(String filePath) {
        path = filePath;
        return this;
    }

    /** The path that places speak of. */
    public String path() {
        return path;
    }

    /** The node that spans the whole file. */
    public SyntaxNode root() {
        return new SyntaxNode(this, 0);
    }

    /** True when some stretch did not parse. */
    public boolean broken() {
        return broken;
    }

    /** Stretches that did not parse and tokens that are missing, in order. */
    public List<SyntaxNode> errors() {
        return errors;
    }

    /** Number of lines. */
    public int lines() {
        return lines;
    }

    /** The text between two positions. Equal names share one string. */
    String text(int start, int end) {
        return end - start <= TextPool.LONGEST
                ? pool.text(text, start, end)
                : new String(text, start, end - start, StandardCharsets.UTF_8);
    }

    SourceSpan span(int start, int end) {
        int line = line(start);
        int endLine = line(end);
        return new SourceSpan(path, line + 1, column(line, start), endLine + 1, column(endLine, end));
    }

    /** Places are mostly asked for in the order of the text, so the last answer or one of the next lines is the answer. */
    private int line(int position) {
        int at = lastLine;
        for (int tries = 0; tries < NEAR && lineStarts[at] <= position; tries++, at++) {
            if (at + 1 == lines || position < lineStarts[at + 1]) {
                lastLine = at;
                return at;
            }
        }
        int found = Arrays.binarySearch(lineStarts, 0, lines, position);
        lastLine = found >= 0 ? found : -found - 2;
        return lastLine;
    }

    /** Counts characters, not bytes: letters beyond ASCII take several. */
    private int column(int line, int position) {
        if (ascii) {
            return position - lineStarts[line] + 1;
        }
        int column = 1;
        for (int i = lineStarts[line]; i < position; i++) {
            if ((text[i] & 0xC0) != 0x80) {
                column++;
            }
        }
        return column;
    }
}
