package dev.huella.core.reading;

import static java.lang.foreign.ValueLayout.JAVA_INT;

import java.lang.foreign.MemorySegment;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * One language's grammar as tables: the names of symbols and fields by number, which tokens carry nothing, and
 * which nodes need not be entered. Names are interned, so that they may be compared quickly.
 */
@SuppressWarnings("restricted") // names come as pointers into the loaded library
public final class Grammar {
    private static final int ENOUGH = 3;
    /** Versions of the form of grammars whose tables {@link TreeTables} can read. */
    private static final int FIRST_KNOWN = 14;
    private static final int LAST_KNOWN = 15;
    private static final Set<String> PUNCTUATION = Set.of(";", ",", "(", ")", "{", "}", "[", "]", ".", "@", ":", "->");
    final MemorySegment language;
    private final String[] symbols;
    private final String[] fields;
    private final boolean[] named;
    private final boolean[] dropped;
    private final boolean[] closed;
    /** How many trees of this grammar were the same by either way of copying; below 0 once two were not. */
    private final AtomicInteger agreed = new AtomicInteger();

    /**
     * Loads a grammar.
     *
     * @param library name of the library without prefix and ending
     * @param function the function in it that gives the language
     * @param notEntered kinds of nodes whose inside is not needed
     */
    public Grammar(String library, String function, Set<String> notEntered) {
        try {
            language = (MemorySegment) TreeSitter.languageFunction(library, function).invokeExact();
            int version = language.reinterpret(JAVA_INT.byteSize()).get(JAVA_INT, 0);
            if (version < FIRST_KNOWN || version > LAST_KNOWN) {
                compared(false); // its tables lie otherwise
            }
            int count = (int) TreeSitter.SYMBOL_COUNT.invokeExact(language);
            symbols = new String[count];
            named = new boolean[count];
            dropped = new boolean[count];
            closed = new boolean[count];
            for (int i = 0; i < count; i++) {
                symbols[i] = text((MemorySegment) TreeSitter.SYMBOL_NAME.invokeExact(language, (short) i));
                named[i] = (int) TreeSitter.SYMBOL_TYPE.invokeExact(language, (short) i) == 0;
                dropped[i] = !named[i] && PUNCTUATION.contains(symbols[i]);
                closed[i] = notEntered.contains(symbols[i]);
            }
            int fieldCount = (int) TreeSitter.FIELD_COUNT.invokeExact(language);
            fields = new String[fieldCount + 1];
            for (int i = 1; i <= fieldCount; i++) {
                fields[i] = text((MemorySegment) TreeSitter.FIELD_NAME.invokeExact(language, (short) i));
            }
        } catch (Throwable e) {
            throw new IllegalStateException("The grammar in " + library + " could not be loaded: " + e.getMessage(), e);
        }
    }

    private static String text(MemorySegment pointer) {
        return pointer.reinterpret(256).getString(0).intern();
    }

    /** True when enough trees were copied both ways and were the same. */
    boolean trusted() {
        return agreed.get() >= ENOUGH;
    }

    boolean distrusted() {
        return agreed.get() < 0;
    }

    /** Notes whether a tree was the same by either way of copying. */
    void compared(boolean same) {
        agreed.updateAndGet(before -> before < 0 || !same ? Integer.MIN_VALUE : before + 1);
    }

    /** The name of a symbol; {@code ERROR} for the symbol of unreadable stretches. */
    String symbol(int number) {
        return number == 0xFFFF ? "ERROR" : symbols[number];
    }

    String field(int number) {
        return fields[number];
    }

    boolean named(int number) {
        return number == 0xFFFF || named[number];
    }

    boolean dropped(int number) {
        return number != 0xFFFF && dropped[number];
    }

    boolean closed(int number) {
        return number != 0xFFFF && closed[number];
    }
}
