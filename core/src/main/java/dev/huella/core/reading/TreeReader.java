package dev.huella.core.reading;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.source.Problem;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Set;

/**
 * What the readers of all languages share: parsers by thread, masking, tints, and the frame of the facts. The
 * grammar is loaded when the first file of the language is read.
 */
public abstract class TreeReader implements LanguageReader {
    private static final ThreadLocal<Map<Grammar, SyntaxParser>> PARSERS = ThreadLocal
            .withInitial(IdentityHashMap::new);
    private static final String TOO_LONG = "The parser could not make sense of this file in time; it was left out. "
            + "If it is code, exclude what is generated in it or cut it into smaller files.";
    private final String library;
    private final String function;
    private final Set<String> notEntered;
    private volatile Grammar grammar;

    /**
     * A reader over one grammar.
     *
     * @param library name of the grammar's library without prefix and ending
     * @param function the function in it that gives the language
     * @param notEntered kinds of nodes whose inside is not needed
     */
    protected TreeReader(String library, String function, Set<String> notEntered) {
        this.library = library;
        this.function = function;
        this.notEntered = notEntered;
    }

    /** Facts of a parsed file. */
    protected abstract FileFacts facts(SyntaxTree tree);

    /** What a node is shown as; null for plain text and for nodes whose children decide. */
    protected abstract Tint.Kind tint(SyntaxNode node);

    /** The text to parse: constructs the grammar does not know are blanked out, lengths unchanged. */
    protected byte[] masked(byte[] utf8) {
        return utf8;
    }

    /** What else is hidden from a text that did not parse whole, after {@link #masked}; the same array when there is nothing. */
    protected byte[] maskedAgain(byte[] utf8) {
        return utf8;
    }

    /** The text without the comments that tell nothing, for a text that did not parse whole; lengths unchanged. */
    protected byte[] withoutComments(byte[] utf8) {
        return utf8;
    }

    private SyntaxParser parser() {
        if (grammar == null) {
            synchronized (this) {
                grammar = grammar == null ? new Grammar(library, function, notEntered) : grammar;
            }
        }
        return PARSERS.get().computeIfAbsent(grammar, SyntaxParser::new);
    }

    @Override
    public final int parseOnly(byte[] utf8) {
        parser().parseOnly(utf8);
        return utf8.length;
    }

    @Override
    public final FileFacts read(String path, byte[] utf8) {
        byte[] masked = masked(utf8);
        SyntaxTree tree = parser().parse(masked);
        if (tree == null) {
            return FileFacts.unreadable(path, language(), TOO_LONG);
        }
        byte[] again = tree.broken() ? maskedAgain(masked(withoutComments(utf8))) : masked;
        if (again != masked && !Arrays.equals(again, masked)) {
            int faults = tree.errors().size();
            SyntaxTree second = parser().parse(again);
            tree = second != null && second.errors().size() <= faults ? second : parser().parse(masked);
        }
        tree.named(path);
        try {
            return facts(tree);
        } catch (NullPointerException | NoSuchElementException | IndexOutOfBoundsException e) {
            if (!tree.broken()) {
                throw e;
            }
            return new FileFacts(path, language(), "", List.of(), List.of(), List.of(), problems(tree),
                    tree.lines()); // what is left of a head without its parts says nothing
        }
    }

    /** Facts with the problems and lines of the tree. */
    protected final FileFacts facts(SyntaxTree tree, String namespace, List<ImportSeen> imports,
            List<TypeDeclared> types) {
        return facts(tree, namespace, imports, List.of(), types);
    }

    /** Facts with names for types, and the problems and lines of the tree. */
    protected final FileFacts facts(SyntaxTree tree, String namespace, List<ImportSeen> imports,
            List<AliasSeen> aliases, List<TypeDeclared> types) {
        return new FileFacts(tree.path(), language(), namespace, imports, aliases, apart(types), problems(tree),
                tree.lines());
    }

    /** What stands outside all types is a module named after the file; where a type has that name, it says that it is one. */
    private static List<TypeDeclared> apart(List<TypeDeclared> types) {
        return types.stream()
                .map(type -> type.kind() == TypeKind.MODULE && type.standing() == Standing.WHOLE
                        && types.stream().anyMatch(other -> other != type && other.name().equals(type.name()))
                                ? type.named(type.name() + "File")
                                : type)
                .toList();
    }

    /** What could not be read. Grammars that count sound code as broken say less. */
    protected List<Problem> problems(SyntaxTree tree) {
        return SyntaxProblems.of(tree);
    }

    /** The file's name without folder and ending; other dots in it part no names. */
    protected static String stem(String path) {
        String name = path.substring(path.lastIndexOf('/') + 1).replaceFirst("\\.d(?=\\.[cm]?ts$)", "");
        int dot = name.lastIndexOf('.');
        return (dot <= 0 ? name : name.substring(0, dot)).replaceAll("(?<=.)\\.", "_");
    }

    /** The folders of a path, joined by dots. */
    protected static String folders(String path) {
        int slash = path.lastIndexOf('/');
        return slash < 0 ? "" : path.substring(0, slash).replace('/', '.');
    }

    @Override
    public final List<Tint> tints(byte[] utf8) {
        List<Tint> found = new ArrayList<>();
        var open = new ArrayDeque<SyntaxNode>();
        SyntaxTree tree = parser().parse(masked(utf8));
        if (tree == null) {
            return found;
        }
        open.push(tree.root());
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            Tint.Kind kind = tint(node);
            if (kind != null) {
                found.add(new Tint(node.start(), node.end(), kind));
            } else {
                node.withComments().reversed().forEach(open::push);
            }
        }
        return found;
    }

    /** The tint that the usual names of node kinds suggest. */
    protected static Tint.Kind usualTint(SyntaxNode node) {
        String kind = node.kind();
        if (kind.endsWith("comment")) {
            return Tint.Kind.COMMENT;
        }
        if (kind.contains("string") && !kind.contains("interpolat") && !kind.equals("string")
                || kind.contains("character_literal")
                || kind.equals("char_literal") || kind.equals("heredoc_body")) {
            return Tint.Kind.TEXT;
        }
        if (!node.named()) {
            return Character.isLetter(kind.charAt(0)) ? Tint.Kind.WORD : null;
        }
        return switch (kind) {
            case "type_identifier", "constant", "predefined_type" -> Tint.Kind.TYPE;
            case "this", "super", "self", "true", "false", "null", "none", "nil", "primitive_type" -> Tint.Kind.WORD;
            case "integer", "float", "number", "number_literal", "integer_literal", "real_literal", "float_literal" ->
                Tint.Kind.NUMBER;
            default -> null;
        };
    }
}
