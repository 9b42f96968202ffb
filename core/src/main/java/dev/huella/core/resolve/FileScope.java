package dev.huella.core.resolve;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What one file's imports make visible. Used by one thread at a time. */
final class FileScope {
    private static final CodeType NONE = CodeType.named("");
    private final FileFacts facts;
    private final TypeIndex index;
    private final Map<String, String> single = new HashMap<>();
    private final Map<String, CodeType> found = new HashMap<>();
    private final List<ImportSeen> members = new ArrayList<>();

    FileScope(FileFacts facts, TypeIndex index) {
        this.facts = facts;
        this.index = index;
        for (ImportSeen seen : facts.imports()) {
            if (seen.members()) {
                members.add(seen);
            }
            if (!seen.all()) {
                single.put(seen.name().substring(seen.name().lastIndexOf('.') + 1), seen.name());
            }
        }
    }

    FileFacts facts() {
        return facts;
    }

    /** Imports of members rather than types. */
    List<ImportSeen> memberImports() {
        return members;
    }

    /** The type a simple name means at the top of the file; null when none is known. */
    CodeType type(String simple) {
        CodeType known = found.computeIfAbsent(simple, this::search);
        return known == NONE ? null : known;
    }

    private CodeType search(String simple) {
        String imported = single.get(simple);
        if (imported != null) {
            CodeType type = index.qualified(imported);
            return type != null ? type : index.outside(imported);
        }
        CodeType near = index.source(facts.namespace().isEmpty() ? simple : facts.namespace() + "." + simple);
        if (near != null) {
            return near;
        }
        for (ImportSeen seen : facts.imports()) {
            CodeType type = seen.all() ? index.qualified(seen.name() + "." + simple) : null;
            if (type != null) {
                return type;
            }
        }
        CodeType basic = index.qualified("java.lang." + simple);
        return basic == null ? NONE : basic;
    }
}
