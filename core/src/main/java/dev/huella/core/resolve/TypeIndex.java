package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * All types of one family of languages by qualified name: those of the sources first, then known libraries, then bare
 * names from outside. Modules are found by the file they are.
 */
final class TypeIndex {
    private final String language;
    private final LibraryKnowledge knowledge;
    private final Map<String, CodeType> sources = new HashMap<>();
    private final Map<String, List<CodeType>> bySimpleName = new HashMap<>();
    private final List<FileScope> scopes = new ArrayList<>();
    private final Map<String, FileScope> modules = new HashMap<>();
    private final Map<String, List<Operation>> functions = new HashMap<>();
    private final Map<String, List<Operation>> extensions = new HashMap<>();
    private final Map<String, List<CodeType>> variables = new HashMap<>();
    private final Map<String, TypeText> aliases = new HashMap<>();
    private final Set<String> aliasNames = new HashSet<>();
    private final Map<String, CodeType> added = new HashMap<>();
    private final Map<String, List<CodeType>> addedTo = new HashMap<>();
    private final Twins twins = new Twins();
    private final LibraryTypes library = new LibraryTypes(this);
    private final Map<String, CodeType> bare = new ConcurrentHashMap<>();
    private final Map<String, Operation> called = new ConcurrentHashMap<>();

    /** An empty index for the family of a language. */
    TypeIndex(String language) {
        this.language = language;
        this.knowledge = LibraryKnowledge.of(language);
    }

    LibraryKnowledge library() {
        return knowledge;
    }

    /**
     * The first declaration of a name wins; a second one is kept as a type but not found by name, unless the language tells
     * them apart by their type parameters.
     */
    void declare(CodeType type, int parameters) {
        if (knowledge.rule(Rule.PARAMETERS_TELL)) {
            twins.add(type, parameters);
        }
        CodeType there = sources.putIfAbsent(type.qualifiedName(), type);
        if (there != null && there.kind() == TypeKind.MODULE && type.kind() != TypeKind.MODULE) {
            sources.put(type.qualifiedName(), type); // a file has the name of a type in it
            bySimpleName.getOrDefault(type.name(), new ArrayList<>()).remove(there);
        }
        if (type.outer() == null && !type.anonymous()
                && (there == null || !knowledge.rule(Rule.PARAMETERS_TELL))) {
            bySimpleName.computeIfAbsent(type.name(), key -> new ArrayList<>(1)).add(type);
        }
    }

    /** What a package adds to a type of a library; the library's type keeps its name to itself. */
    void add(CodeType type) {
        if (added.put(type.qualifiedName(), type) == type) {
            return;
        }
        addedTo.computeIfAbsent(type.name(), key -> new ArrayList<>(1)).add(type);
    }

    /** What a package adds to a type of a library; null when it adds nothing. */
    CodeType added(String qualifiedName) {
        return added.get(qualifiedName);
    }

    /** What all packages add to a type from outside, by its simple name, in the order of the files. */
    List<CodeType> addedTo(String name) {
        return addedTo.getOrDefault(name, List.of());
    }

    CodeType source(String qualifiedName) {
        return sources.get(qualifiedName);
    }

    /** The type that a further part of it belongs to; null when there is none yet. */
    CodeType begun(String qualifiedName, CodeType outer, int parameters) {
        return knowledge.rule(Rule.PARAMETERS_TELL)
                ? twins.exactly(qualifiedName, outer, parameters)
                : sources.get(qualifiedName);
    }

    /** Of the types that share a name with this one, the one that has so many type parameters. */
    CodeType counted(CodeType type, int parameters) {
        return type == null || type.external() ? type : twins.of(type, parameters);
    }

    /** The one type of that simple name; null when there is none or more than one. */
    CodeType anywhere(String simple) {
        List<CodeType> all = bySimpleName.getOrDefault(simple, List.of());
        return all.size() == 1 ? all.getFirst() : null;
    }

    /** A type of the sources or of a known library, nested ones included; null when there is none. */
    CodeType qualified(String qualifiedName) {
        CodeType type = sources.get(qualifiedName);
        return type != null || !hasClassFiles() ? type : library.find(qualifiedName);
    }

    private boolean hasClassFiles() {
        return language.equals("java") || language.equals("kotlin");
    }

    /** A file that others may name as a module. */
    void module(String path, FileScope scope) {
        modules.putIfAbsent(ModulePaths.key(path), scope);
        scopes.add(scope);
    }

    /** The module meant by {@code named} in the file at {@code from}; null when it is not among the sources. */
    FileScope module(String named, String from) {
        for (String candidate : ModulePaths.candidates(named, from, language)) {
            FileScope scope = modules.get(candidate);
            if (scope != null) {
                return scope;
            }
        }
        return null;
    }

    /** {@code name}: with its type before it where a type declares it. */
    void alias(String name, TypeText meant) {
        aliases.putIfAbsent(name, meant);
        aliasNames.add(name.substring(name.lastIndexOf('.') + 1));
    }

    /** Few names stand for something else; for all others no further look is needed. */
    boolean mayBeAlias(String name) {
        return aliasNames.contains(name);
    }

    /** What a name was declared to stand for; null when it was not. */
    TypeText alias(String name) {
        return aliases.get(name);
    }

    /** Functions and variables outside types, to be found by name. */
    void settleModules(List<CodeType> all) {
        Set<CodeType> files = new HashSet<>();
        scopes.forEach(scope -> files.add(scope.module()));
        for (CodeType type : all) {
            type.operations()
                    .stream()
                    .filter(operation -> operation.modifiers().has(Mark.EXTENSION))
                    .forEach(operation -> extensions.computeIfAbsent(operation.name(), key -> new ArrayList<>(1))
                            .add(operation));
            if (files.contains(type)) {
                type.operations()
                        .stream()
                        .filter(operation -> operation.kind() == Kind.OPERATION)
                        .forEach(operation -> functions.computeIfAbsent(operation.name(), key -> new ArrayList<>(1))
                                .add(operation));
                type.fields()
                        .forEach(field -> variables.computeIfAbsent(field.name(), key -> new ArrayList<>(1))
                                .add(type));
            }
        }
    }

    /** Operations outside the types they extend, in the order of the files. */
    List<Operation> extensions(String name) {
        return extensions.getOrDefault(name, List.of());
    }

    /** Functions outside types, in the order of the files. */
    List<Operation> functions(String name) {
        return functions.getOrDefault(name, List.of());
    }

    /** The module with the one variable of that name; null when there is none or more than one. */
    CodeType moduleOfVariable(String name) {
        List<CodeType> all = variables.getOrDefault(name, List.of());
        return all.size() == 1 ? all.getFirst() : null;
    }

    /** True for a type of which only the name is known. */
    boolean isBare(CodeType type) {
        return bare.get(type.qualifiedName()) == type;
    }

    /** An operation that a type known by name only must have, since it is called. One for each name and count. */
    Operation outsideOperation(CodeType type, String name, int parameters) {
        return called.computeIfAbsent(type.qualifiedName() + "." + name + "/" + parameters, key -> {
            var operation = new Operation(type, name, Kind.OPERATION, Modifiers.NONE.with(Visibility.PUBLIC), true,
                    null);
            operation.signature(List.of(), Collections.nCopies(parameters, new Parameter("", TypeUse.UNKNOWN)),
                    TypeUse.UNKNOWN);
            return operation;
        });
    }

    /** Gives types known by name only the operations that are called on them, in the order of their names. */
    void settleOutside() {
        called.entrySet()
                .stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> entry.getValue().home().add(entry.getValue()));
    }

    /** A type of which only the name is known. */
    CodeType outside(String qualifiedName) {
        return bare.computeIfAbsent(qualifiedName, name -> CodeType.named(name,
                knowledge.promised(name.substring(name.lastIndexOf('.') + 1)) ? TypeKind.INTERFACE : TypeKind.CLASS)
                .language(language));
    }
}
