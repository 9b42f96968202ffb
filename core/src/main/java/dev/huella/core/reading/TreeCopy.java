package dev.huella.core.reading;

import static java.lang.foreign.ValueLayout.ADDRESS;
import static java.lang.foreign.ValueLayout.JAVA_BYTE;
import static java.lang.foreign.ValueLayout.JAVA_INT;
import static java.lang.foreign.ValueLayout.JAVA_LONG;
import static java.lang.foreign.ValueLayout.JAVA_SHORT;

import java.lang.foreign.MemorySegment;
import java.util.Arrays;

/**
 * Copies a tree out of the parser's own memory, which takes a third of the time that asking the core library for each node
 * takes. The layout is that of {@code Subtree} in the core library's headers, from 0.25 on: a node is either eight bytes
 * that hold a small leaf, or a pointer to a record behind the row of its children. {@link SyntaxParser} holds the first
 * trees of each grammar against what the library's cursor says and uses this only where both agree.
 */
@SuppressWarnings("restricted") // the parser's memory has no bounds that Java knows
final class TreeCopy {
    private static final MemorySegment ALL = MemorySegment.NULL.reinterpret(Long.MAX_VALUE);
    private static final long LEAF = 1;
    private static final long LEAF_VISIBLE = 1 << 1;
    private static final long LEAF_EXTRA = 1 << 3;
    private static final long LEAF_MISSING = 1 << 5;
    private static final int VISIBLE = 1;
    private static final int EXTRA = 1 << 2;
    private static final int MISSING = 1 << 1;
    private static final long PADDING_AT = 4;
    private static final long SIZE_AT = 16;
    private static final long CHILDREN_AT = 36;
    private static final long SYMBOL_AT = 40;
    private static final long MARKS_AT = 44;
    private static final long MORE_MARKS_AT = 45;
    private static final long VISIBLE_CHILDREN_AT = 48;
    private static final long PRODUCTION_AT = 66;
    private static final int MOST_CHILDREN = 1 << 24;
    private final Grammar grammar;
    private final SyntaxTree tree;
    private final TreeTables tables;
    private Level[] levels = new Level[64];

    /** A node whose children are being gone through. */
    private static final class Level {
        private long children;
        private int count;
        private int next;
        private int place;
        private int position;
        private int production;
        /** Where children hang: the visible node itself, or the nearest one above a hidden one. */
        private int parent;
        /** The field that a hidden node fills, which its children fill in its place; 0 for a visible one. */
        private int field;
    }

    TreeCopy(Grammar grammar, SyntaxTree tree) {
        this.grammar = grammar;
        this.tree = tree;
        this.tables = new TreeTables(grammar.language);
    }

    /** True when the root's record looks like one of this layout: what it says is said by the library as well. */
    boolean knows(MemorySegment parsed, int symbol, int start, int end) {
        long root = parsed.reinterpret(ADDRESS.byteSize()).get(JAVA_LONG, 0);
        if (root == 0 || (root & 7) != 0) {
            return false;
        }
        int count = ALL.get(JAVA_INT, root + CHILDREN_AT);
        return tables.known(Short.toUnsignedInt(ALL.get(JAVA_SHORT, root + SYMBOL_AT))) == symbol
                && ALL.get(JAVA_INT, root + PADDING_AT) == start
                && start + ALL.get(JAVA_INT, root + SIZE_AT) == end && count >= 0 && count < MOST_CHILDREN;
    }

    /** Fills the tree with all nodes that {@link SyntaxTree} is to hold. */
    void copy(MemorySegment parsed, boolean broken) {
        long root = parsed.reinterpret(ADDRESS.byteSize()).get(JAVA_LONG, 0);
        int start = ALL.get(JAVA_INT, root + PADDING_AT);
        int symbol = tables.known(Short.toUnsignedInt(ALL.get(JAVA_SHORT, root + SYMBOL_AT)));
        int first = tree.add(-1, symbol, 0, start, start + ALL.get(JAVA_INT, root + SIZE_AT), false);
        int depth = 0;
        enter(depth, root, start, first, 0);
        while (depth >= 0) {
            Level level = levels[depth];
            if (level.next == level.count) {
                depth--;
            } else {
                depth = child(level, ALL.get(JAVA_LONG, level.children + 8L * level.next), depth, broken);
            }
        }
    }

    /** Takes the next child of a level. Returns the depth at which to go on: one more where the child is entered. */
    private int child(Level level, long child, int depth, boolean broken) {
        boolean leaf = (child & LEAF) != 0;
        long marks = leaf ? child : ALL.get(JAVA_BYTE, child + MARKS_AT);
        boolean extra = (marks & (leaf ? LEAF_EXTRA : EXTRA)) != 0;
        int size = leaf ? (int) (child >>> 56) : ALL.get(JAVA_INT, child + SIZE_AT);
        int padding = leaf ? (int) (child >>> 48) & 0xFF : ALL.get(JAVA_INT, child + PADDING_AT);
        int start = level.position + (level.next == 0 ? 0 : padding); // the first begins where its parent does
        int alias = extra ? 0 : tables.alias(level.production, level.place);
        int field = extra ? 0 : tables.field(level.production, level.place);
        field = field == 0 && !extra ? level.field : field;
        level.place += extra ? 0 : 1;
        level.position = start + size;
        level.next++;
        int children = leaf ? 0 : ALL.get(JAVA_INT, child + CHILDREN_AT);
        if ((marks & (leaf ? LEAF_VISIBLE : VISIBLE)) == 0 && alias == 0) {
            boolean shows = children > 0 && ALL.get(JAVA_INT, child + VISIBLE_CHILDREN_AT) > 0;
            return shows ? enter(depth + 1, child, start, level.parent, field) : depth;
        }
        int own = leaf ? (int) (child >>> 8) & 0xFF : Short.toUnsignedInt(ALL.get(JAVA_SHORT, child + SYMBOL_AT));
        int symbol = tables.known(alias == 0 ? own : alias);
        boolean missing = broken && size == 0 && (leaf
                ? (child & LEAF_MISSING) != 0
                : (ALL.get(JAVA_BYTE, child + MORE_MARKS_AT) & MISSING) != 0);
        if (grammar.dropped(symbol) && !missing) {
            return depth;
        }
        int here = tree.add(level.parent, symbol, field, start, start + size, missing);
        return children > 0 && !grammar.closed(symbol) ? enter(depth + 1, child, start, here, 0) : depth;
    }

    private int enter(int depth, long node, int position, int parent, int field) {
        if (depth == levels.length) {
            levels = Arrays.copyOf(levels, depth * 2);
        }
        Level level = levels[depth];
        if (level == null) {
            level = new Level();
            levels[depth] = level;
        }
        level.count = ALL.get(JAVA_INT, node + CHILDREN_AT);
        level.children = node - 8L * level.count;
        level.next = 0;
        level.place = 0;
        level.position = position;
        level.production = level.count == 0 ? 0 : Short.toUnsignedInt(ALL.get(JAVA_SHORT, node + PRODUCTION_AT));
        level.parent = parent;
        level.field = field;
        return depth;
    }
}
