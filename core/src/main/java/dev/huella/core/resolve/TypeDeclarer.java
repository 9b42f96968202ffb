package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** First pass: gives every declared type its place, name and outer type. Nothing is resolved yet. */
final class TypeDeclarer {
    private final TypeIndex index;
    private final List<Declared> all = new ArrayList<>();
    private final Map<TypeDeclared, Declared> byFacts = new IdentityHashMap<>();
    private final Map<CodeType, Map<String, CodeType>> locals = new IdentityHashMap<>();

    TypeDeclarer(TypeIndex index) {
        this.index = index;
    }

    /** A type together with the facts it was made from. */
    record Declared(CodeType type, TypeDeclared facts, FileScope file) {}

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
        String prefix = file.namespace().isEmpty() ? "" : file.namespace() + ".";
        for (TypeDeclared facts : file.types()) {
            declare(facts, prefix + facts.name(), facts.name(), null, scope);
        }
    }

    private void declare(TypeDeclared facts, String qualifiedName, String name, CodeType outer, FileScope scope) {
        Modifiers modifiers = facts.modifiers();
        if (facts.kind() == TypeKind.ENUM || facts.kind() == TypeKind.RECORD) {
            modifiers = modifiers.with(Mark.STATIC);
        }
        var type = new CodeType(name, qualifiedName, facts.kind(), modifiers, facts.at(), outer, facts.anonymous());
        type.language(scope.facts().language());
        type.unreadable(facts.unreadable());
        if (outer != null) {
            outer.add(type);
        }
        index.declare(type);
        var declared = new Declared(type, facts, scope);
        all.add(declared);
        byFacts.put(facts, declared);
        for (TypeDeclared nested : facts.nested()) {
            declare(nested, qualifiedName + "." + nested.name(), nested.name(), type, scope);
        }
        Map<String, Integer> unnamed = new HashMap<>();
        for (FieldDeclared field : facts.fields()) {
            field.inner().forEach(inner -> declareInner(inner, type, scope, unnamed));
        }
        for (OperationDeclared operation : facts.operations()) {
            operation.inner().forEach(inner -> declareInner(inner, type, scope, unnamed));
        }
    }

    private void declareInner(TypeDeclared facts, CodeType outer, FileScope scope, Map<String, Integer> unnamed) {
        String name = facts.name();
        if (facts.anonymous() && name.isEmpty()) {
            String base = facts.extended().isEmpty() ? "" : facts.extended().getFirst().name();
            name = "anonymous" + base.substring(base.lastIndexOf('.') + 1);
        }
        int count = unnamed.merge(name, 1, Integer::sum);
        if (count > 1 || facts.anonymous() && facts.name().isEmpty()) {
            name += count;
        }
        if (!facts.anonymous()) {
            locals.computeIfAbsent(outer, key -> new HashMap<>());
        }
        declare(facts, outer.qualifiedName() + "." + name, name, outer, scope);
        if (!facts.anonymous()) {
            locals.get(outer).putIfAbsent(facts.name(), byFacts.get(facts).type());
        }
    }

    /** Modifiers of members that the language or reader supplies. */
    static Modifiers hidden(boolean isStatic) {
        Modifiers modifiers = Modifiers.NONE.with(Visibility.PRIVATE);
        return isStatic ? modifiers.with(Mark.STATIC) : modifiers;
    }
}
