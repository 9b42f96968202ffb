package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.resolve.Rule;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Ways of going through a model that several clauses share. */
final class Deeds {
    private Deeds() {}

    /** All operations but those that are the whole of another one, which stands for them. */
    static void operations(Model model, Consumer<Operation> each) {
        model.types().forEach(type -> own(type).forEach(each));
    }

    /** The operations that a type declares, without those that are the whole of another one. */
    static Stream<Operation> own(CodeType type) {
        return type.operations().stream().filter(operation -> operation.front() == null);
    }

    /** Deeds of one kind, each with its operation, in the order of the sources. */
    private record Listed(List<Operation> operations, List<Deed> deeds) {
        Listed() {
            this(new ArrayList<>(), new ArrayList<>());
        }
    }

    /** All deeds by kind: most clauses ask for one kind only, and there are a million deeds for each million lines. */
    private record ByKind(Map<Class<?>, Listed> kinds) {
        static ByKind of(Model model) {
            Map<Class<?>, Listed> kinds = new HashMap<>();
            operations(model, operation -> operation.deeds().forEach(deed -> {
                Listed listed = kinds.computeIfAbsent(deed.getClass(), kind -> new Listed());
                listed.operations.add(operation);
                listed.deeds.add(deed);
            }));
            return new ByKind(kinds);
        }
    }

    /** Told of each deed of one kind, in the order of the sources. */
    static <D extends Deed> void each(Model model, Class<D> kind, BiConsumer<Operation, D> each) {
        Listed listed = model.derived(ByKind.class, ByKind::of).kinds.getOrDefault(kind, new Listed());
        for (int i = 0; i < listed.deeds.size(); i++) {
            each.accept(listed.operations.get(i), kind.cast(listed.deeds.get(i)));
        }
    }

    /** Told of each deed of any kind, in the order of the sources. */
    static void all(Model model, BiConsumer<Operation, Deed> each) {
        operations(model, operation -> operation.deeds().forEach(deed -> each.accept(operation, deed)));
    }

    static void fields(Model model, Consumer<Field> each) {
        model.types().forEach(type -> type.fields().forEach(each));
    }

    /** The operation called and all it stands in place of. */
    static List<Operation> targets(Deed.Calls calls) {
        if (calls.callee() == null) {
            return List.of();
        }
        List<Operation> all = new ArrayList<>(calls.callee().overridden());
        all.addFirst(calls.callee());
        return all;
    }

    /** True for what is written to a type from outside, in a language where that is no part of the type's own text. */
    static boolean isAddedTo(CodeType type, SourceSpan at) {
        SourceSpan own = type.place();
        return own != null && at != null && LibraryKnowledge.of(type).rule(Rule.EXTENSIONS_APART)
                && !(own.file().equals(at.file()) && own.line() <= at.line() && at.endLine() <= own.endLine());
    }

    /** The type itself and, for types without a name, the named ones around it. */
    static List<CodeType> speaking(CodeType type) {
        List<CodeType> all = new ArrayList<>(List.of(type));
        for (CodeType at = type; at.anonymous() && at.outer() != null; at = at.outer()) {
            all.add(at.outer());
        }
        return all;
    }

    /** All types of the sources and those outside that they name. */
    static List<CodeType> allTypes(Model model) {
        List<CodeType> all = new ArrayList<>(model.types());
        all.addAll(model.outside());
        return all;
    }
}
