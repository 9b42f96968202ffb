package dev.huella.core.resolve;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** What one file's imports make visible. Used by one thread at a time. */
final class FileScope {
    private static final CodeType NONE = CodeType.named("");
    private static final int DEEPEST = 8;
    private static final int MOST_NAMESPACES = 100; // each may stand in any of those before it
    private final FileFacts facts;
    private final TypeIndex index;
    private final Map<String, ImportSeen> single = new HashMap<>();
    private final Map<String, CodeType> found = new HashMap<>();
    private final Map<String, CodeType> own = new HashMap<>();
    private final List<ImportSeen> members = new ArrayList<>();
    private final Set<String> namespaces = new LinkedHashSet<>();
    private final Map<String, Optional<FileScope>> modules = new ConcurrentHashMap<>();
    private final Map<String, CodeType> given = new ConcurrentHashMap<>();
    private final Map<String, Optional<ModuleMember>> outside = new ConcurrentHashMap<>();
    private CodeType module;

    FileScope(FileFacts facts, TypeIndex index) {
        this.facts = facts;
        this.index = index;
        for (ImportSeen seen : facts.imports()) {
            if (seen.members() && seen.module() == null) {
                members.add(seen);
            }
            if (!seen.all()) {
                single.put(seen.local(), seen);
            } else if (seen.module() == null) {
                opened(seen.name());
            }
        }
    }

    /** A namespace whose types are seen here; it may be named from within another one that is. */
    private void opened(String namespace) {
        if (index.library().rule(Rule.NAMESPACES_OPEN_INWARDS) && namespaces.size() < MOST_NAMESPACES) {
            for (String open : List.copyOf(namespaces)) {
                namespaces.add(open + "." + namespace);
            }
            for (String around = facts.namespace(); !around.isEmpty(); around = around.substring(0,
                    Math.max(0, around.lastIndexOf('.')))) {
                namespaces.add(around + "." + namespace);
            }
        }
        namespaces.add(namespace);
    }

    FileFacts facts() {
        return facts;
    }

    LibraryKnowledge library() {
        return index.library();
    }

    /** What the file itself calls by another name comes before what others do; null when nobody does. */
    TypeText alias(String name) {
        for (AliasSeen alias : facts.aliases()) {
            if (alias.name().equals(name)) {
                return alias.meant();
            }
        }
        return index.alias(name);
    }

    /** A type that the file declares at its top. */
    void declares(String name, CodeType type) {
        own.putIfAbsent(name, type);
    }

    /** The type that holds what the file declares outside types. */
    void module(CodeType type) {
        module = type;
    }

    /** Null when everything in the file stands in types. */
    CodeType module() {
        return module;
    }

    /** Imports of members rather than types. */
    List<ImportSeen> memberImports() {
        return members;
    }

    /** The type a simple name means at the top of the file; null when none is known. */
    CodeType type(String simple, String namespace) {
        String key = namespace + "/" + simple;
        CodeType known = found.get(key);
        if (known == null) {
            known = index.library().rule(Rule.MODULES) ? inModules(simple) : inNamespaces(simple, namespace);
            found.put(key, known == null ? NONE : known);
        }
        return known == NONE ? null : known;
    }

    private CodeType inNamespaces(String simple, String namespace) {
        ImportSeen imported = single.get(simple);
        if (imported != null) {
            CodeType type = index.qualified(imported.name());
            CodeType near = type == null ? around(imported.name(), namespace) : type; // named from where it stands
            return near != null ? near : index.outside(imported.name());
        }
        CodeType hidden = own.get(simple);
        if (hidden != null && hidden.modifiers().visibility() == Visibility.PRIVATE) {
            return hidden; // other files may have one of the same name
        }
        CodeType near = around(simple, namespace);
        if (near != null) {
            return near;
        }
        for (String open : namespaces) {
            CodeType type = index.qualified(open + "." + simple);
            if (type != null) {
                return type;
            }
        }
        for (String implicit : index.library().implicit()) {
            CodeType type = index.qualified(implicit + "." + simple);
            if (type != null) {
                return type;
            }
        }
        return index.library().rule(Rule.ANY_NAMESPACE) ? index.anywhere(simple) : null;
    }

    /** A name with dots whose first part stands in a namespace that the file brings into sight; else what is given. */
    CodeType inImported(String dotted, CodeType otherwise) {
        for (String open : namespaces) {
            CodeType type = index.source(open + "." + dotted);
            if (type != null) {
                return type;
            }
        }
        return otherwise;
    }

    private CodeType around(String simple, String namespace) {
        CodeType type = index.source(namespace.isEmpty() ? simple : namespace + "." + simple);
        if (type != null || facts.language().equals("java")) {
            return type;
        }
        for (int dot = namespace.lastIndexOf('.'); dot > 0; dot = namespace.lastIndexOf('.', dot - 1)) {
            type = index.source(namespace.substring(0, dot) + "." + simple);
            if (type != null) {
                return type;
            }
        }
        return namespace.isEmpty() ? null : index.source(simple);
    }

    private CodeType inModules(String simple) {
        CodeType declared = own.get(simple);
        if (declared != null) {
            return declared;
        }
        ImportSeen imported = single.get(simple);
        if (imported != null) {
            CodeType type = imported(imported, 0);
            return type != null ? type : index.outside(outsideName(imported));
        }
        for (ImportSeen seen : facts.imports()) {
            if (seen.all() && seen.name().isEmpty() && seen.alias() == null) {
                FileScope from = module(seen.module());
                CodeType type = from == null ? null : from.exported(simple, 1);
                if (type != null) {
                    return type;
                }
            }
        }
        return null;
    }

    private static String outsideName(ImportSeen seen) {
        String module = seen.module().replaceAll("^[./]+", "").replace('/', '.').replaceAll("\\.(js|ts|mjs)$", "");
        String name = seen.name().isEmpty() || seen.name().equals("default") ? seen.local() : seen.name();
        return module.isEmpty() ? name : seen.name().isEmpty() ? module : module + "." + name;
    }

    private CodeType imported(ImportSeen seen, int depth) {
        FileScope from = module(seen.module());
        if (from == null) {
            String below = seen.name().isEmpty()
                    ? null
                    : seen.module() + (seen.module().endsWith(".") ? "" : ".")
                            + seen.name();
            FileScope inner = below == null ? null : module(below);
            return inner == null ? null : inner.module;
        }
        if (seen.name().isEmpty()) {
            return from.module;
        }
        CodeType type = from.exported(seen.name(), depth + 1);
        if (type == null && seen.module().endsWith(".")) {
            FileScope inner = module(seen.module() + seen.name());
            return inner == null ? null : inner.module;
        }
        return type;
    }

    /** {@code module.Type} where the module was imported as a whole; null when it was not, or holds no such type. */
    CodeType throughModule(String dotted) {
        if (!index.library().rule(Rule.MODULES) || single.isEmpty()) {
            return null;
        }
        for (int dot = dotted.lastIndexOf('.'); dot > 0; dot = dotted.lastIndexOf('.', dot - 1)) {
            ImportSeen seen = single.get(dotted.substring(0, dot));
            if (seen != null && seen.module() != null && (seen.name().isEmpty() || seen.members())) {
                String module = seen.name().isEmpty()
                        ? seen.module()
                        : seen.module() + (seen.module().endsWith(".") ? "" : ".") + seen.name();
                FileScope from = module(module);
                return from == null ? null : from.exported(dotted.substring(dot + 1), 1);
            }
        }
        return null;
    }

    private FileScope module(String named) {
        return modules.computeIfAbsent(named, key -> Optional.ofNullable(index.module(key, facts.path()))).orElse(null);
    }

    /** What the file gives to others under a name; {@code default} is the first type when it is not named. */
    CodeType exported(String name, int depth) {
        CodeType known = given.get(name);
        if (known == null) {
            CodeType found = searchExported(name, depth);
            known = found == null ? NONE : found;
            if (depth <= 1) {
                given.put(name, known); // deeper searches may have been cut short
            }
        }
        return known == NONE ? null : known;
    }

    private CodeType searchExported(String name, int depth) {
        CodeType declared = own.get(name);
        if (declared != null) {
            return declared;
        }
        ImportSeen again = depth > DEEPEST ? null : single.get(name);
        if (again != null) {
            return imported(again, depth);
        }
        for (ImportSeen seen : facts.imports()) {
            if (depth <= DEEPEST && seen.all() && seen.name().isEmpty() && seen.alias() == null) {
                FileScope from = module(seen.module());
                CodeType type = from == null ? null : from.exported(name, depth + 1);
                if (type != null) {
                    return type;
                }
            }
        }
        return name.equals("default") && own.size() == 1 ? own.values().iterator().next() : null;
    }

    /** The module that holds a function or variable of that local name, with its name there; null when none does. */
    ModuleMember member(String local) {
        return outside.computeIfAbsent(local, key -> Optional.ofNullable(searchMember(key))).orElse(null);
    }

    private ModuleMember searchMember(String local) {
        if (module != null && holds(module, local)) {
            return new ModuleMember(module, local);
        }
        ImportSeen seen = single.get(local);
        if (seen != null && seen.module() != null && !seen.name().isEmpty()) {
            return exportedMember(seen);
        }
        for (ImportSeen all : facts.imports()) {
            if (all.all() && all.module() != null) {
                FileScope from = module(all.module());
                if (from != null && from.module != null && holds(from.module, local)) {
                    return new ModuleMember(from.module, local);
                }
            }
        }
        return null;
    }

    /** A function or variable outside types. */
    record ModuleMember(CodeType module, String name) {}

    private ModuleMember exportedMember(ImportSeen seen) {
        FileScope from = module(seen.module());
        return from == null ? null : from.handsOn(seen.name(), new HashSet<>());
    }

    private record ModuleName(FileScope file, String name) {}

    /** What the file gives to others under a name, its own or that of another file. */
    private ModuleMember handsOn(String name, Set<ModuleName> asked) {
        if (!asked.add(new ModuleName(this, name))) {
            return null;
        }
        if (module != null && holds(module, name)) {
            return new ModuleMember(module, name);
        }
        ImportSeen again = single.get(name);
        if (again != null && again.module() != null) {
            FileScope from = module(again.module());
            return from == null ? null : from.handsOn(again.name(), asked);
        }
        for (ImportSeen all : facts.imports()) {
            FileScope from = all.all() && all.name().isEmpty() && all.alias() == null && all.module() != null
                    ? module(all.module())
                    : null;
            ModuleMember found = from == null ? null : from.handsOn(name, asked);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static boolean holds(CodeType module, String name) {
        return module.fields().stream().anyMatch(field -> field.name().equals(name))
                || module.operations().stream().anyMatch(operation -> operation.name().equals(name));
    }
}
