package dev.huella.core.facts;

import dev.huella.core.source.Problem;
import java.util.List;

/**
 * What a reader saw in one file, names unresolved.
 *
 * @param namespace package or namespace the file's types are in; empty for none
 * @param lines number of lines
 */
public record FileFacts(String path, String language, String namespace, List<ImportSeen> imports,
        List<TypeDeclared> types, List<Problem> problems, int lines) {
    public FileFacts {
        imports = List.copyOf(imports);
        types = List.copyOf(types);
        problems = List.copyOf(problems);
    }

    /** A file of which nothing could be taken. */
    public static FileFacts unreadable(String path, String language, String why) {
        return new FileFacts(path, language, "", List.of(), List.of(), List.of(new Problem(path, 0, 0, why)), 0);
    }

    /**
     * A name brought into the file from elsewhere.
     *
     * @param name as written, without a closing {@code .*}
     * @param members true when it brings members of a type rather than types
     * @param all true when it brings everything below the name
     */
    public record ImportSeen(String name, boolean members, boolean all) {}
}
