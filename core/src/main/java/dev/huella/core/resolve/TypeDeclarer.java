package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeVariable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** First pass: gives every declared type its place, name and outer type. Nothing is resolved yet. */
final class TypeDeclarer {
    private final TypeIndex index;
    private final List<Declared> all = new ArrayList<>();
    private final List<Waiting> extensions = new ArrayList<>();
    private final List<Waiting> choices = new ArrayList<>();
    private final Map<TypeDeclared, Declared> byFacts = new IdentityHashMap<>();
    private final Map<CodeType, Map<String, Integer>> unnamed = new IdentityHashMap<>();
    private final Map<CodeType, Map<String, CodeType>> locals = new IdentityHashMap<>();
    private final Map<CodeType, List<TypeVariable>> around = new IdentityHashMap<>();

    TypeDeclarer(TypeIndex index) {
        this.index = index;
    }

    /** A declaration that adds to a type which may not be known yet. */
    private record Waiting(TypeDeclared facts, CodeType outer, FileScope scope, String prefix) {}

    /** One declaration and the type it is, or is a part of. */
    static final class Declared {
        private final CodeType type;
        private final TypeDeclared facts;
        private final FileScope file;
        private final boolean top;
        private final Operation[] operations;
        private final Field[] fields;

        Declared(CodeType type, TypeDeclared facts, FileScope file, boolean top) {
            this.type = type;
            this.facts = facts;
            this.file = file;
            this.top = top;
            this.operations = new Operation[facts.operations().size() + 2];
            this.fields = new Field[facts.fields().size()];
        }

        CodeType type() {
            return type;
        }

        TypeDeclared facts() {
            return facts;
        }

        FileScope file() {
            return file;
        }

        /** True when no other declaration stands around it. */
        boolean top() {
            return top;
        }

        /** True when this is the declaration that the type takes its place from. */
        boolean first() {
            return type.place() == facts.at();
        }

        /** By position in the facts; behind them the initial values of fields, of objects then of the type. */
        Operation[] operations() {
            return operations;
        }

        /** By position in the facts. */
        Field[] fields() {
            return fields;
        }
    }

    List<Declared> all() {
        return all;
    }

    Declared of(TypeDeclared facts) {
        return byFacts.get(facts);
    }

    /** Named types declared in the bodies of a type. */
    Map<String, CodeType> localTypes(CodeType type) {
        return locals.getOrDefault(type, Map.of());
    }

    void declare(FileFacts file) {
        var scope = new FileScope(file, index);
        index.module(file.path(), scope);
        file.aliases().forEach(alias -> index.alias(alias.name(), alias.meant()));
        for (TypeDeclared facts : file.types()) {
            String namespace = facts.namespace() == null ? file.namespace() : facts.namespace();
            declare(facts, namespace.isEmpty() ? "" : namespace + ".", facts.name(), null, scope);
        }
    }

    /** Gives declarations that add to another type that type, or one of their own when there is none to be found. */
    void extend(TypeNames names) {
        extensions.sort(Comparator.comparingInt(one -> one.facts.nested().isEmpty()
                ? Integer.MAX_VALUE // those that declare types of their own come first, for others may add to these
                : one.facts.name().split("\\.").length));
        for (int i = 0; i < extensions.size(); i++) {
            Waiting one = extensions.get(i);
            CodeType target = names.known(one.facts.name(),
                    new TypeNames.From(one.scope, one.outer, Map.of(), one.prefix));
            inside(one.facts, target == null || target.external() ? stranger(one, target) : target, one.scope,
                    one.outer == null);
        }
    }

    /** A type of the library that the code adds operations to, where this looks like declaring one. */
    private boolean isOpenedAgain(TypeDeclared facts, String prefix, FileScope scope) {
        return prefix.isEmpty() && scope.library().lists("reopened", facts.name())
                && facts.extended().isEmpty() && facts.fields().isEmpty()
                && facts.operations().stream().noneMatch(one -> one.kind() == OperationDeclared.Kind.CONSTRUCTOR);
    }

    /** What a package adds to a type from elsewhere is a type of its own, which the elsewhere is not known by. */
    private CodeType stranger(Waiting one, CodeType outside) {
        String qualified = one.prefix + one.facts.name();
        String name = one.facts.name().substring(one.facts.name().lastIndexOf('.') + 1);
        boolean hidden = outside != null || index.library().everyday(name);
        CodeType known = hidden ? index.added(qualified) : index.source(qualified);
        if (known != null) {
            return known;
        }
        if (!hidden) {
            return typeFor(one.facts, qualified, name, one.outer, one.scope);
        }
        CodeType type = named(one.facts, qualified, name, one.outer, one.scope);
        index.add(type);
        return type;
    }

    /** A name for whichever of several types is a type itself where all of them are of this code. */
    void choose(TypeNames names) {
        boolean more = true;
        while (more) { // one may name another
            more = choices.removeIf(one -> {
                String around = one.prefix.isEmpty() ? "" : one.prefix.substring(0, one.prefix.length() - 1);
                var from = new TypeNames.From(one.scope, one.outer, Map.of(), around);
                boolean own = one.facts.extended()
                        .stream()
                        .map(text -> names.known(text.name(), from))
                        .allMatch(type -> type != null
                                && !type.external() && type.kind() != TypeKind.MODULE);
                if (own) {
                    CodeType type = typeFor(one.facts, one.prefix + one.facts.name(), one.facts.name(), one.outer,
                            one.scope);
                    inside(one.facts, type, one.scope, one.outer == null);
                }
                return own;
            });
        }
    }

    private void declare(TypeDeclared facts, String prefix, String name, CodeType outer, FileScope scope) {
        if (facts.standing() == Standing.EXTENSION) {
            extensions.add(new Waiting(facts, outer, scope, prefix));
            return;
        }
        if (facts.standing() == Standing.CHOICE) {
            choices.add(new Waiting(facts, outer, scope, prefix));
            return;
        }
        CodeType type = facts.standing() == Standing.PART
                ? index.begun(prefix + name, outer, facts.typeParameters().size())
                : null;
        if (type == null && isOpenedAgain(facts, prefix, scope)) {
            CodeType known = index.added(name);
            type = known == null ? named(facts, name, name, outer, scope) : known;
            index.add(type);
        }
        if (type == null) {
            type = typeFor(facts, prefix + name, name, outer, scope);
        }
        inside(facts, type, scope, outer == null);
    }

    private static CodeType named(TypeDeclared facts, String qualifiedName, String name, CodeType outer,
            FileScope scope) {
        Modifiers modifiers = facts.modifiers();
        if (facts.kind() == TypeKind.ENUM || facts.kind() == TypeKind.RECORD) {
            modifiers = modifiers.with(Mark.STATIC);
        }
        boolean promised = facts.standing() == Standing.EXTENSION && scope.library().promised(name);
        var type = new CodeType(name, qualifiedName, promised ? TypeKind.PROTOCOL : facts.kind(), modifiers,
                facts.at(), outer, facts.anonymous());
        type.language(scope.facts().language());
        type.unreadable(facts.unreadable());
        return type;
    }

    private CodeType typeFor(TypeDeclared facts, String qualifiedName, String name, CodeType outer, FileScope scope) {
        CodeType type = named(facts, qualifiedName, name, outer, scope);
        if (outer != null) {
            outer.add(type);
        } else if (facts.kind() == TypeKind.MODULE && scope.module() == null && facts.standing() == Standing.WHOLE) {
            scope.module(type);
        } else {
            scope.declares(name, type);
        }
        index.declare(type, facts.typeParameters().size());
        return type;
    }

    private void inside(TypeDeclared facts, CodeType type, FileScope scope, boolean top) {
        var declared = new Declared(type, facts, scope, top);
        all.add(declared);
        byFacts.put(facts, declared);
        for (TypeDeclared nested : facts.nested()) {
            declare(nested, type.qualifiedName() + ".", nested.name(), type, scope);
        }
        for (FieldDeclared field : facts.fields()) {
            field.inner().forEach(inner -> declareInner(inner, type, scope, ""));
        }
        for (OperationDeclared operation : facts.operations()) {
            List<TypeVariable> variables = operation.typeParameters()
                    .stream()
                    .map(parameter -> new TypeVariable(parameter.name()))
                    .toList();
            for (TypeDeclared inner : operation.inner()) {
                declareInner(inner, type, scope, handsOut(operation, inner) ? operation.name() : "");
                if (!variables.isEmpty() && byFacts.get(inner) != null) {
                    around.put(byFacts.get(inner).type(), variables);
                }
            }
        }
    }

    /** Type parameters of the operation in whose body a type is declared. */
    List<TypeVariable> around(CodeType type) {
        return around.getOrDefault(type, List.of());
    }

    /** True when what the operation gives back is made from the type written in it. */
    private static boolean handsOut(OperationDeclared operation, TypeDeclared inner) {
        return operation.body() != null && operation.body()
                .stream()
                .anyMatch(step -> step instanceof Step.Return(Value value, var _)
                        && value instanceof Value.Create create && create.body() == inner);
    }

    /** {@code holder}: the operation that hands it out, whose name it takes when it has none; else empty. */
    private void declareInner(TypeDeclared facts, CodeType outer, FileScope scope, String holder) {
        String name = facts.name();
        boolean numbered = facts.anonymous() && name.isEmpty() && holder.isEmpty();
        if (facts.anonymous() && name.isEmpty()) {
            String base = facts.extended().isEmpty() ? "" : facts.extended().getFirst().name();
            name = holder.isEmpty() ? "anonymous" + base.substring(base.lastIndexOf('.') + 1) : holder;
        }
        int count = unnamed.computeIfAbsent(outer, key -> new HashMap<>()).merge(name, 1, Integer::sum);
        if (count > 1 || numbered) {
            name += count;
        }
        if (!facts.anonymous()) {
            locals.computeIfAbsent(outer, key -> new HashMap<>());
        }
        declare(facts, outer.qualifiedName() + ".", name, outer, scope);
        if (!facts.anonymous()) {
            Declared own = byFacts.get(facts);
            if (own != null) { // members for a type that is declared elsewhere wait for it
                locals.get(outer).putIfAbsent(facts.name(), own.type());
            }
        }
    }

    /** Modifiers of members that the language or reader supplies. */
    static Modifiers hidden(boolean isStatic) {
        Modifiers modifiers = Modifiers.NONE.with(Visibility.PRIVATE);
        return isStatic ? modifiers.with(Mark.STATIC) : modifiers;
    }
}
