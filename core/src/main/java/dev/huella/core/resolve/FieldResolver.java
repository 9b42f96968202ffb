package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Field.Held;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryContainers.Kept;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** What fields hold: containers are looked into; where their element is not written, what is put in them tells. */
final class FieldResolver {
    /** How languages write that a value may be missing. */
    private static final Pattern MISSING = Pattern
            .compile("\\?.*|(\\w+\\.)?Optional\\[.*|.*\\|\\s*(None|null|undefined)", Pattern.DOTALL);
    private final LibraryKnowledge library;
    private final Containers containers;
    private final Map<Field, TypeUse> putIn = new IdentityHashMap<>();
    private final Set<Field> optional = Collections.newSetFromMap(new IdentityHashMap<>());

    private FieldResolver(LibraryKnowledge library) {
        this.library = library;
        this.containers = new Containers(library, null);
    }

    static void resolve(List<CodeType> types, LibraryKnowledge library) {
        var resolver = new FieldResolver(library);
        types.forEach(type -> type.operations().forEach(resolver::collect));
        types.forEach(type -> type.fields().forEach(field -> field.held(resolver.held(field))));
    }

    private void collect(Operation operation) {
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && library.adds(calls.name()) && !calls.arguments().isEmpty()) {
                note(calls.receiver(), containers.added(calls.name(), calls.arguments().getLast()));
            } else if (deed instanceof Deed.Stores stores) {
                note(stores.container(), stores.value());
            } else if (deed instanceof Deed.Sets sets && sets.field().isInferred()
                    && sets.value().origins().stream().anyMatch(FieldResolver::mayBeMissing)) {
                optional.add(sets.field());
            }
        }
    }

    private static boolean mayBeMissing(Origin origin) {
        return origin instanceof Origin.OfParameter(Operation of, int index) && index < of.parameters().size()
                && MISSING.matcher(of.parameters().get(index).type().text()).matches();
    }

    private void note(Flow container, Flow value) {
        if (value.type().erased() == null) {
            return;
        }
        for (Origin origin : container.origins()) {
            if (origin instanceof Origin.OfField(Field field, boolean _)) {
                putIn.merge(field, value.type(), FieldResolver::wider);
            }
        }
    }

    private static TypeUse wider(TypeUse one, TypeUse other) {
        var above = new Supertypes();
        return above.isA(one.erased(), other.erased()) ? other : one;
    }

    private Held held(Field field) {
        TypeUse type = field.type();
        Multiplicity many = field.isOptional() || optional.contains(field) ? Multiplicity.OPTIONAL : Multiplicity.ONE;
        if (field.modifiers().has(Mark.EVENT)) {
            many = Multiplicity.MANY;
        }
        CodeType container = null;
        if (type.dimensions() > 0) {
            many = Multiplicity.MANY;
            type = type.element();
        }
        for (int depth = 0; depth < 4; depth++) {
            if (type.dimensions() > 0) {
                many = Multiplicity.MANY;
                type = type.element();
            }
            Kept kept = type.dimensions() > 0 ? null : library.container(type);
            boolean ofLibrary = kept != null && (type.type() == null || type.type().external()
                    || library.isOwn(type.type())
                            && (!library.isOwn(field.home()) || library.container(TypeUse.of(field.home())) == null));
            if (!ofLibrary) {
                break;
            }
            container = container == null ? type.type() : container;
            many = many == Multiplicity.MANY || !kept.kind().optional() && !kept.kind().single()
                    ? Multiplicity.MANY
                    : kept.kind().single() ? many : Multiplicity.OPTIONAL;
            type = kept.element();
        }
        if (type.type() != null && type.type() != field.home() && type.type().wrapped() != null) {
            type = type.type().wrapped().type().substitute(Supertypes.bindings(type));
        }
        boolean open = type.erased() == null && !isPrimitive(type)
                || type.erased() != null && library.isRoot(type.erased());
        if (open && many == Multiplicity.MANY && putIn.containsKey(field)) {
            type = putIn.get(field);
        }
        return new Held(type, many, container);
    }

    private static boolean isPrimitive(TypeUse type) {
        return type.type() == null && type.variable() == null && !type.text().isEmpty();
    }
}
