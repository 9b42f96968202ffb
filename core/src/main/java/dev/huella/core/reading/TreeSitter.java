package dev.huella.core.reading;

import static java.lang.foreign.ValueLayout.ADDRESS;
import static java.lang.foreign.ValueLayout.JAVA_BOOLEAN;
import static java.lang.foreign.ValueLayout.JAVA_INT;
import static java.lang.foreign.ValueLayout.JAVA_LONG;
import static java.lang.foreign.ValueLayout.JAVA_SHORT;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemoryLayout;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.StructLayout;
import java.lang.foreign.SymbolLookup;
import java.lang.invoke.MethodHandle;

/**
 * The few functions of the tree-sitter core library that reading needs, bound through the foreign-function
 * interface. The short ones are linked as critical calls: where a tree cannot be copied out of memory, walking it makes five of
 * them for each node.
 */
@SuppressWarnings("restricted") // calling into native libraries is what this class is for
final class TreeSitter {
    /** {@code TSNode}: start byte, row, column and alias, then two pointers. Passed by value. */
    static final StructLayout NODE = MemoryLayout.structLayout(JAVA_INT.withName("start"), JAVA_INT.withName("row"),
            JAVA_INT.withName("column"), JAVA_INT.withName("alias"), ADDRESS.withName("id"), ADDRESS.withName("tree"));
    /** {@code TSTreeCursor}. */
    static final StructLayout CURSOR = MemoryLayout.structLayout(JAVA_LONG, JAVA_LONG, JAVA_INT, JAVA_INT, JAVA_INT,
            MemoryLayout.paddingLayout(4));
    /** {@code TSInput}: payload, function that reads, encoding, function that decodes. Passed by value. */
    static final StructLayout INPUT = MemoryLayout.structLayout(ADDRESS, ADDRESS, JAVA_INT,
            MemoryLayout.paddingLayout(4), ADDRESS);
    /** {@code TSParseOptions}: payload, function that is told of progress and may end the parse. Passed by value. */
    static final StructLayout OPTIONS = MemoryLayout.structLayout(ADDRESS, ADDRESS);
    private static final StructLayout POINT = MemoryLayout.structLayout(JAVA_INT, JAVA_INT);
    /** {@code const char *read(void *payload, uint32_t byte, TSPoint position, uint32_t *count)}. */
    static final FunctionDescriptor READ = FunctionDescriptor.of(ADDRESS, ADDRESS, JAVA_INT, POINT, ADDRESS);
    /** {@code bool progress(TSParseState *)}. */
    static final FunctionDescriptor PROGRESS = FunctionDescriptor.of(JAVA_BOOLEAN, ADDRESS);
    private static final Linker LINKER = Linker.nativeLinker();
    private static final SymbolLookup CORE = NativeLibraries.load("tree-sitter");

    static final MethodHandle PARSER_NEW = call("ts_parser_new", FunctionDescriptor.of(ADDRESS));
    static final MethodHandle PARSER_LANGUAGE = call("ts_parser_set_language",
            FunctionDescriptor.of(JAVA_BOOLEAN, ADDRESS, ADDRESS));
    static final MethodHandle PARSE = call("ts_parser_parse_with_options",
            FunctionDescriptor.of(ADDRESS, ADDRESS, ADDRESS, INPUT, OPTIONS));
    static final MethodHandle PARSER_RESET = call("ts_parser_reset", FunctionDescriptor.ofVoid(ADDRESS));
    static final MethodHandle TREE_DELETE = call("ts_tree_delete", FunctionDescriptor.ofVoid(ADDRESS));
    static final MethodHandle ROOT = quick("ts_tree_root_node", FunctionDescriptor.of(NODE, ADDRESS));
    static final MethodHandle HAS_ERROR = quick("ts_node_has_error", FunctionDescriptor.of(JAVA_BOOLEAN, NODE));
    static final MethodHandle IS_MISSING = quick("ts_node_is_missing", FunctionDescriptor.of(JAVA_BOOLEAN, NODE));
    static final MethodHandle SYMBOL = quick("ts_node_symbol", FunctionDescriptor.of(JAVA_SHORT, NODE));
    static final MethodHandle END_BYTE = quick("ts_node_end_byte", FunctionDescriptor.of(JAVA_INT, NODE));
    static final MethodHandle CURSOR_NEW = call("ts_tree_cursor_new", FunctionDescriptor.of(CURSOR, NODE));
    static final MethodHandle CURSOR_RESET = quick("ts_tree_cursor_reset", FunctionDescriptor.ofVoid(ADDRESS, NODE));
    static final MethodHandle CURSOR_NODE = quick("ts_tree_cursor_current_node", FunctionDescriptor.of(NODE, ADDRESS));
    static final MethodHandle CURSOR_FIELD = quick("ts_tree_cursor_current_field_id",
            FunctionDescriptor.of(JAVA_SHORT, ADDRESS));
    static final MethodHandle CURSOR_CHILD = quick("ts_tree_cursor_goto_first_child",
            FunctionDescriptor.of(JAVA_BOOLEAN, ADDRESS));
    static final MethodHandle CURSOR_NEXT = quick("ts_tree_cursor_goto_next_sibling",
            FunctionDescriptor.of(JAVA_BOOLEAN, ADDRESS));
    static final MethodHandle CURSOR_PARENT = quick("ts_tree_cursor_goto_parent",
            FunctionDescriptor.of(JAVA_BOOLEAN, ADDRESS));
    static final MethodHandle SYMBOL_COUNT = call("ts_language_symbol_count", FunctionDescriptor.of(JAVA_INT, ADDRESS));
    static final MethodHandle SYMBOL_NAME = call("ts_language_symbol_name",
            FunctionDescriptor.of(ADDRESS, ADDRESS, JAVA_SHORT));
    static final MethodHandle SYMBOL_TYPE = call("ts_language_symbol_type",
            FunctionDescriptor.of(JAVA_INT, ADDRESS, JAVA_SHORT));
    static final MethodHandle FIELD_COUNT = call("ts_language_field_count", FunctionDescriptor.of(JAVA_INT, ADDRESS));
    static final MethodHandle FIELD_NAME = call("ts_language_field_name_for_id",
            FunctionDescriptor.of(ADDRESS, ADDRESS, JAVA_SHORT));

    private TreeSitter() {}

    /** A function that gives the language's tables, for example {@code tree_sitter_java}. */
    static MethodHandle languageFunction(String library, String function) {
        var symbols = NativeLibraries.load(library);
        return LINKER.downcallHandle(symbols.findOrThrow(function), FunctionDescriptor.of(ADDRESS));
    }

    private static MethodHandle call(String name, FunctionDescriptor shape) {
        return LINKER.downcallHandle(CORE.findOrThrow(name), shape);
    }

    private static MethodHandle quick(String name, FunctionDescriptor shape) {
        return LINKER.downcallHandle(CORE.findOrThrow(name), shape, Linker.Option.critical(false));
    }

    /** A pointer through which native code calls a Java method. */
    static MemorySegment callback(MethodHandle method, FunctionDescriptor shape, Arena arena) {
        return LINKER.upcallStub(method, shape, arena);
    }

    /** Lives as long as the process: libraries stay loaded. */
    static Arena forever() {
        return Arena.global();
    }
}
