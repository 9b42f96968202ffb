package dev.huella.core.reading;

import static java.lang.foreign.ValueLayout.ADDRESS;
import static java.lang.foreign.ValueLayout.JAVA_BYTE;
import static java.lang.foreign.ValueLayout.JAVA_INT;

import java.lang.foreign.Arena;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.SegmentAllocator;
import java.lang.invoke.MethodHandles;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;

/**
 * Parses text and copies the tree into arrays, in one walk. One parser serves one thread; {@link #of} keeps one
 * for each thread and grammar. The tree it returns lives until the next parse by the same parser.
 */
@SuppressWarnings("restricted") // native code calls back into this class
public final class SyntaxParser {
    private static final long READ_AT = ADDRESS.byteSize();
    private static final long PROGRESS_AT = ADDRESS.byteSize();
    /**
     * Nanoseconds of the thread's own processor time, so that a busy machine or a pause of the collector ends no parse. Far above what any
     * text was seen to need, prose and signs at random among them (up to 31 s a megabyte): what is near a limit would be read one time
     * and left out the next.
     */
    private static final long LONGEST = 20_000_000_000L;
    private static final long LONGEST_PER_MEGABYTE = 60_000_000_000L;
    /** Smaller trees tell little of how trees lie in memory. */
    private static final int TELLING = 40;
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private final Grammar grammar;
    private final Arena arena = Arena.ofAuto();
    private final MemorySegment parser;
    private final MemorySegment node = arena.allocate(TreeSitter.NODE);
    private final SegmentAllocator intoNode = (size, alignment) -> node;
    private final SyntaxTree tree;
    private final TreeCopy memory;
    private final MemorySegment source = arena.allocate(TreeSitter.INPUT);
    private final MemorySegment options = arena.allocate(TreeSitter.OPTIONS);
    private int length;
    private long deadline;
    private MemorySegment cursor;
    private MemorySegment input = arena.allocate(1 << 16);

    /** Makes a parser. It holds native memory for as long as its thread lives. */
    public SyntaxParser(Grammar grammar) {
        this.grammar = grammar;
        this.tree = new SyntaxTree(grammar);
        this.memory = grammar.distrusted() ? null : new TreeCopy(grammar, tree);
        try {
            parser = (MemorySegment) TreeSitter.PARSER_NEW.invokeExact();
            var lookup = MethodHandles.lookup();
            source.set(ADDRESS, READ_AT, TreeSitter.callback(lookup.findVirtual(SyntaxParser.class, "read",
                    TreeSitter.READ.toMethodType()).bindTo(this), TreeSitter.READ, arena));
            options.set(ADDRESS, PROGRESS_AT, TreeSitter.callback(lookup.findVirtual(SyntaxParser.class, "late",
                    TreeSitter.PROGRESS.toMethodType()).bindTo(this), TreeSitter.PROGRESS, arena));
            if (!(boolean) TreeSitter.PARSER_LANGUAGE.invokeExact(parser, grammar.language)) {
                throw new IllegalStateException("The core library refuses the grammar's version");
            }
        } catch (RuntimeException e) {
            throw e;
        } catch (Throwable e) {
            throw new IllegalStateException(e);
        }
    }

    /** Parses and copies; null when that takes longer than a text of this size may take. */
    public SyntaxTree parse(byte[] utf8) {
        try {
            MemorySegment parsed = bareParse(utf8);
            if (parsed.equals(MemorySegment.NULL)) {
                return null;
            }
            try {
                copy(parsed, utf8);
            } finally {
                TreeSitter.TREE_DELETE.invokeExact(parsed);
            }
            return tree;
        } catch (RuntimeException e) {
            throw e;
        } catch (Throwable e) {
            throw new IllegalStateException(e);
        }
    }

    /** The bare parse, nothing kept: what reading is measured against. */
    public void parseOnly(byte[] utf8) {
        try {
            TreeSitter.TREE_DELETE.invokeExact(bareParse(utf8));
        } catch (Throwable e) {
            throw new IllegalStateException(e);
        }
    }

    private MemorySegment bareParse(byte[] utf8) throws Throwable {
        if (input.byteSize() < utf8.length) {
            input = arena.allocate(Math.max(utf8.length, input.byteSize() * 2));
        }
        MemorySegment.copy(utf8, 0, input, JAVA_BYTE, 0, utf8.length);
        length = utf8.length;
        deadline = spent() + LONGEST + LONGEST_PER_MEGABYTE * (utf8.length >> 20);
        var parsed = (MemorySegment) TreeSitter.PARSE.invokeExact(parser, MemorySegment.NULL, source, options);
        if (parsed.equals(MemorySegment.NULL)) {
            TreeSitter.PARSER_RESET.invokeExact(parser);
        }
        return parsed;
    }

    /** Called from native code: hands out the text from a position on. */
    private MemorySegment read(MemorySegment payload, int from, MemorySegment position, MemorySegment count) {
        int left = Math.max(0, length - from);
        count.reinterpret(JAVA_INT.byteSize()).set(JAVA_INT, 0, left);
        return input.asSlice(Math.min(from, length));
    }

    /** Called from native code now and then: true ends the parse. */
    private boolean late(MemorySegment state) {
        return spent() > deadline;
    }

    private static long spent() {
        boolean counted = THREADS.isCurrentThreadCpuTimeSupported() && !Thread.currentThread().isVirtual();
        return counted ? THREADS.getCurrentThreadCpuTime() : System.nanoTime();
    }

    /** Out of the parser's memory where that is known to be right, else by asking the library for each node. */
    private void copy(MemorySegment parsed, byte[] utf8) throws Throwable {
        var root = (MemorySegment) TreeSitter.ROOT.invokeExact(intoNode, parsed);
        boolean broken = (boolean) TreeSitter.HAS_ERROR.invokeExact(root);
        tree.begin(utf8, broken);
        if (grammar.trusted()) {
            memory.copy(parsed, broken);
            return;
        }
        int symbol = Short.toUnsignedInt((short) TreeSitter.SYMBOL.invokeExact(root));
        int start = root.get(JAVA_INT, 0);
        int end = (int) TreeSitter.END_BYTE.invokeExact(root);
        walk(root, broken);
        if (!grammar.distrusted() && tree.size() >= TELLING) {
            grammar.compared(memory.knows(parsed, symbol, start, end) && sameFromMemory(parsed, broken));
            if (grammar.distrusted()) {
                tree.begin(utf8, broken);
                walk((MemorySegment) TreeSitter.ROOT.invokeExact(intoNode, parsed), broken);
            }
        }
    }

    private boolean sameFromMemory(MemorySegment parsed, boolean broken) {
        long asked = tree.print();
        tree.restart();
        memory.copy(parsed, broken);
        return tree.print() == asked;
    }

    private void walk(MemorySegment root, boolean broken) throws Throwable {
        if (cursor == null) {
            cursor = (MemorySegment) TreeSitter.CURSOR_NEW.invokeExact((SegmentAllocator) arena, root);
        } else {
            TreeSitter.CURSOR_RESET.invokeExact(cursor, root);
        }
        tree.push(visit(-1, broken));
        if (!(boolean) TreeSitter.CURSOR_CHILD.invokeExact(cursor)) {
            return;
        }
        while (true) {
            int here = visit(tree.open(), broken);
            if (here >= 0 && !grammar.closed(tree.symbol(here))
                    && (boolean) TreeSitter.CURSOR_CHILD.invokeExact(cursor)) {
                tree.push(here);
                continue;
            }
            while (!(boolean) TreeSitter.CURSOR_NEXT.invokeExact(cursor)) {
                tree.pop();
                if (!tree.isOpen()) {
                    return;
                }
                if (!(boolean) TreeSitter.CURSOR_PARENT.invokeExact(cursor)) {
                    throw new IllegalStateException("The tree cursor lost its parent");
                }
            }
        }
    }

    /** Adds the cursor's node below an open one. Returns -1 for tokens that carry nothing. */
    private int visit(int parent, boolean broken) throws Throwable {
        var here = (MemorySegment) TreeSitter.CURSOR_NODE.invokeExact(intoNode, cursor);
        int symbol = Short.toUnsignedInt((short) TreeSitter.SYMBOL.invokeExact(here));
        if (grammar.dropped(symbol) && !broken) {
            return -1;
        }
        int start = here.get(JAVA_INT, 0);
        int end = (int) TreeSitter.END_BYTE.invokeExact(here);
        boolean missing = broken && end == start && (boolean) TreeSitter.IS_MISSING.invokeExact(here);
        if (grammar.dropped(symbol) && !missing) {
            return -1;
        }
        int field = Short.toUnsignedInt((short) TreeSitter.CURSOR_FIELD.invokeExact(cursor));
        return tree.add(parent, symbol, field, start, end, missing);
    }
}
