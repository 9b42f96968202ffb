package dev.huella.core.reading;

import static java.lang.foreign.ValueLayout.ADDRESS;
import static java.lang.foreign.ValueLayout.JAVA_BOOLEAN;
import static java.lang.foreign.ValueLayout.JAVA_BYTE;
import static java.lang.foreign.ValueLayout.JAVA_INT;
import static java.lang.foreign.ValueLayout.JAVA_SHORT;

import java.lang.foreign.MemoryLayout;
import java.lang.foreign.MemoryLayout.PathElement;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.StructLayout;

/**
 * What a grammar says of each of its productions: under which other names children go, and which fields they fill.
 * Read from {@code TSLanguage} as the core library's headers lay it out.
 */
@SuppressWarnings("restricted") // tables are pointers into the loaded library
final class TreeTables {
    private static final StructLayout LANGUAGE = MemoryLayout.structLayout(JAVA_INT.withName("abi"),
            JAVA_INT.withName("symbols"), JAVA_INT.withName("otherNames"), JAVA_INT, JAVA_INT, JAVA_INT, JAVA_INT,
            JAVA_INT.withName("productions"), JAVA_INT.withName("fields"), JAVA_SHORT.withName("mostAliases"),
            MemoryLayout.paddingLayout(2), ADDRESS, ADDRESS, ADDRESS, ADDRESS, ADDRESS, ADDRESS,
            ADDRESS.withName("slices"), ADDRESS.withName("entries"), ADDRESS, ADDRESS.withName("publicSymbols"),
            ADDRESS,
            ADDRESS.withName("aliases"));
    private static final StructLayout ENTRY = MemoryLayout.structLayout(JAVA_SHORT.withName("field"),
            JAVA_BYTE.withName("child"), JAVA_BOOLEAN.withName("inherited"));
    private static final short[] NONE = {};
    private final short[][] aliases;
    private final short[][] fields;
    private final short[] publicSymbols;

    TreeTables(MemorySegment language) {
        MemorySegment table = language.reinterpret(LANGUAGE.byteSize());
        int productions = table.get(JAVA_INT, at("productions"));
        int most = Short.toUnsignedInt(table.get(JAVA_SHORT, at("mostAliases")));
        int fieldCount = table.get(JAVA_INT, at("fields"));
        int symbols = table.get(JAVA_INT, at("symbols")) + table.get(JAVA_INT, at("otherNames"));
        publicSymbols = table.get(ADDRESS, at("publicSymbols")).reinterpret(2L * symbols).toArray(JAVA_SHORT);
        aliases = new short[productions][];
        fields = new short[productions][];
        MemorySegment sequences = table.get(ADDRESS, at("aliases")).reinterpret(2L * most * productions);
        MemorySegment slices = fieldCount == 0
                ? MemorySegment.NULL
                : table.get(ADDRESS, at("slices")).reinterpret(4L * productions);
        for (int production = 0; production < productions; production++) {
            aliases[production] = production == 0
                    ? NONE
                    : sequences.asSlice(2L * most * production, 2L * most).toArray(JAVA_SHORT);
            fields[production] = fieldCount == 0 ? NONE : fields(table, slices, production);
        }
    }

    private static long at(String name) {
        return LANGUAGE.byteOffset(PathElement.groupElement(name));
    }

    /** The field of each child that is not passed on from further inside. */
    private static short[] fields(MemorySegment table, MemorySegment slices, int production) {
        int first = Short.toUnsignedInt(slices.get(JAVA_SHORT, 4L * production));
        int length = Short.toUnsignedInt(slices.get(JAVA_SHORT, 4L * production + 2));
        if (length == 0) {
            return NONE;
        }
        MemorySegment entries = table.get(ADDRESS, at("entries")).reinterpret(ENTRY.byteSize() * (first + length));
        var found = new short[256];
        for (int i = first + length - 1; i >= first; i--) { // the first entry of a child counts
            long entry = ENTRY.byteSize() * i;
            if (!entries.get(JAVA_BOOLEAN, entry + 3)) {
                found[Byte.toUnsignedInt(entries.get(JAVA_BYTE, entry + 2))] = entries.get(JAVA_SHORT, entry);
            }
        }
        return found;
    }

    /** The other name of a child, or 0. {@code place}: which child it is, extras not counted. */
    int alias(int production, int place) {
        short[] of = aliases[production];
        return place < of.length ? Short.toUnsignedInt(of[place]) : 0;
    }

    /** The field that a child fills, or 0. */
    int field(int production, int place) {
        short[] of = fields[production];
        return place < of.length ? Short.toUnsignedInt(of[place]) : 0;
    }

    /** The number by which a symbol is known outside the parser. */
    int known(int symbol) {
        return symbol == 0xFFFF ? symbol : Short.toUnsignedInt(publicSymbols[symbol]);
    }
}
