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
        List<AliasSeen> aliases, List<TypeDeclared> types, List<Problem> problems, int lines) {
    public FileFacts {
        imports = List.copyOf(imports);
        aliases = List.copyOf(aliases);
        types = List.copyOf(types);
        problems = List.copyOf(problems);
    }

    /** A file of which nothing could be taken. */
    public static FileFacts unreadable(String path, String language, String why) {
        return new FileFacts(path, language, "", List.of(), List.of(), List.of(), List.of(new Problem(path, 0, 0, why)),
                0);
    }

    /** A name declared to stand for a type. */
    public record AliasSeen(String name, TypeText meant) {}

    /**
     * A name brought into the file from elsewhere.
     *
     * @param name as written, without a closing {@code .*}
     * @param members true when it brings members of a type rather than types
     * @param all true when it brings everything below the name
     * @param alias what it is called here, null when that is its own name
     * @param module the file or module it comes from where the language names one, as written; else null. Then
     *            {@code name} is a name inside that module, or empty for the module itself
     */
    public record ImportSeen(String name, boolean members, boolean all, String alias, String module) {
        /** A name that stands under its own last part. */
        public ImportSeen(String name, boolean members, boolean all) {
            this(name, members, all, null, null);
        }

        /** What it is called in this file. */
        public String local() {
            return alias != null ? alias : name.substring(name.lastIndexOf('.') + 1);
        }
    }
}
