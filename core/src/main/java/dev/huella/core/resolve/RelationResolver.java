package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Relation;
import dev.huella.core.model.Relation.Kind;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Gathers the relations of one type to others, each with every place that causes it. */
final class RelationResolver {
    /** A shape that more types have says little of any of them, and would be all that a drawing shows. */
    private static final int MOST_HAVING = 8;
    private final LibraryKnowledge library;
    private Map<Key, List<SourceSpan>> places = new LinkedHashMap<>();

    private RelationResolver(LibraryKnowledge library) {
        this.library = library;
    }

    /** What makes two causes one relation. */
    private record Key(Kind kind, CodeType from, CodeType to, String role, Multiplicity many, String stereotype) {}

    /** What one type is tied to by its parts and deeds, and what it merely names. */
    private record Causes(Map<Key, List<SourceSpan>> strong, Map<Key, List<SourceSpan>> weak) {}

    /** The relations of all types: first those by parts and deeds, in the order of the types, then mere uses. */
    static List<Relation> relations(List<CodeType> types, LibraryKnowledge library) {
        var ownership = new Ownership(types, library);
        List<Causes> causes = types.parallelStream()
                .map(type -> new RelationResolver(library).causes(type, ownership))
                .toList();
        Map<Key, List<SourceSpan>> all = new LinkedHashMap<>();
        causes.forEach(one -> join(one.strong, all));
        causes.forEach(one -> join(one.weak, all));
        return all.entrySet()
                .parallelStream()
                .map(entry -> relation(entry.getKey(), entry.getValue()))
                .toList();
    }

    private static void join(Map<Key, List<SourceSpan>> some, Map<Key, List<SourceSpan>> all) {
        some.forEach((key, at) -> {
            List<SourceSpan> known = all.putIfAbsent(key, at);
            if (known != null) {
                known.addAll(at);
            }
        });
    }

    private static Relation relation(Key key, List<SourceSpan> at) {
        return new Relation(key.kind, key.from, key.to, key.role, key.many, key.stereotype,
                at.stream().distinct().sorted().toList());
    }

    private Causes causes(CodeType type, Ownership ownership) {
        above(type);
        if (type.outer() != null) {
            note(Kind.NESTING, type, type.outer(), "", null, "", type.place());
        }
        type.declaredFields().forEach(field -> held(field, ownership));
        type.operations().forEach(operation -> operation.deeds().forEach(deed -> deed(operation, deed)));
        Map<Key, List<SourceSpan>> strong = places;
        places = new LinkedHashMap<>();
        uses(type);
        return new Causes(strong, places);
    }

    private void note(Kind kind, CodeType from, CodeType to, String role, Multiplicity many, String stereotype,
            SourceSpan at) {
        if (from.shape() || to.shape()) {
            throughShape(kind, from, to, role, many, stereotype, at);
            return;
        }
        places.computeIfAbsent(new Key(kind, from, to, role, many, stereotype), key -> new ArrayList<>(1)).add(at);
    }

    /** The code does not declare shapes: what is related to one is related to the types that have it. */
    private void throughShape(Kind kind, CodeType from, CodeType to, String role, Multiplicity many, String stereotype,
            SourceSpan at) {
        if (!from.shape() && to.kind() == TypeKind.PROTOCOL && kind != Kind.REALIZATION
                && kind != Kind.GENERALIZATION) {
            List<CodeType> having = to.subtypes().stream().filter(type -> type != from).toList();
            if (having.size() <= MOST_HAVING) {
                having.forEach(type -> note(kind, from, type, role, many, stereotype, at));
            }
        }
    }

    private void above(CodeType type) {
        for (TypeUse use : type.supertypes()) {
            CodeType above = use.type();
            if (above != null) {
                boolean realised = above.kind().promises() && !type.kind().promises();
                note(realised ? Kind.REALIZATION : Kind.GENERALIZATION, type, above, "", null, "",
                        written(type, above));
            }
        }
    }

    /** Where the type names the one above: at its head, or at that of a declaration which adds to it. */
    private static SourceSpan written(CodeType type, CodeType above) {
        for (Mention mention : type.mentions()) {
            if (mention.kind() == Mention.Kind.SUPERTYPE && mention.to() == above) {
                return mention.at();
            }
        }
        return firstLine(type.place());
    }

    private static SourceSpan firstLine(SourceSpan at) {
        return new SourceSpan(at.file(), at.line(), at.column(), at.line(), at.column());
    }

    private void held(Field field, Ownership ownership) {
        CodeType part = field.held().type().erased();
        if (part == null || library.plain(part) || field.kind() == FieldDeclared.Kind.CONSTANT) {
            return;
        }
        note(ownership.kind(field), field.home(), part, field.name(), field.held().many(), "", field.place());
    }

    private void deed(Operation operation, Deed deed) {
        CodeType from = operation.home();
        if (operation.depth() == 0 || from.kind() != dev.huella.core.facts.TypeKind.FUNCTION) {
            switch (deed) {
                case Deed.Creates creates when creates.type() != from && !library.plain(creates.type()) ->
                    note(Kind.DEPENDENCY, from, creates.type(), "", null, "create", creates.at());
                case Deed.Calls calls when calls.callee() != null -> called(from, calls);
                default -> {
                    // other deeds relate no types that are not mentioned
                }
            }
        }
    }

    private void called(CodeType from, Deed.Calls calls) {
        CodeType received = calls.receiver().type().dimensions() > 0 ? null : calls.receiver().type().erased();
        CodeType to = received == null ? calls.callee().home() : received;
        boolean own = calls.receiver().anyOf(dev.huella.core.model.Origin.Self.class);
        if (to != from && !own && !library.plain(to)) {
            note(Kind.DEPENDENCY, from, to, "", null, "call", calls.at());
        }
    }

    /** Names that cause no stronger relation. */
    private void uses(CodeType type) {
        Set<CodeType> held = new HashSet<>();
        type.fields().forEach(field -> held.add(field.held().type().erased()));
        for (Mention mention : type.mentions()) {
            boolean weak = switch (mention.kind()) {
                case SUPERTYPE, CREATED -> false;
                case FIELD -> !held.contains(mention.to()) && !mention.to().external();
                case PARAMETER, RESULT, LOCAL, STATIC, CAST, KIND_TEST, OTHER -> true;
            };
            if (weak && mention.to() != type && !library.plain(mention.to())) {
                note(Kind.DEPENDENCY, type, mention.to(), "", null, "use", mention.at());
            }
        }
    }
}
