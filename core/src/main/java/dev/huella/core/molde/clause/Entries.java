package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** Objects that only hold together what a list keeps side by side, as a listener and what it asked for. */
final class Entries {
    private static final int MOST_FIELDS = 5;

    private Entries() {}

    /** What a field keeps many of, where these only hold others; null for all other fields. */
    static CodeType kept(Field field) {
        CodeType held = field.held().many() == Multiplicity.MANY ? field.held().type().erased() : null;
        return held != null && isEntry(held) ? held : null;
    }

    /** A type of the code that is made of a few things and only hands them out. */
    static boolean isEntry(CodeType type) {
        return !type.external() && !type.shape() && (!type.isAbstract() || type.operations().isEmpty())
                && type.fields().size() <= MOST_FIELDS
                && slots(type).findAny().isPresent()
                && type.operations().stream().filter(one -> one.kind() == Kind.OPERATION).allMatch(Entries::onlyTells);
    }

    private static boolean onlyTells(Operation operation) {
        return operation.deeds().stream().noneMatch(deed -> deed instanceof Deed.Calls || deed instanceof Deed.Sets);
    }

    /** The fields of an entry that hold one object. */
    static Stream<Field> slots(CodeType entry) {
        return entry.fields()
                .stream()
                .filter(field -> !field.isStatic() && field.held().many() != Multiplicity.MANY
                        && field.held().type().erased() != null);
    }

    /** The fields of an operation's type that keep the entries from which a value comes, where it goes through these. */
    static List<Field> from(Origin value, Operation operation, Setting within) {
        CodeType entry = switch (value) {
            case Origin.OfField(Field slot, boolean own) when !own && !slot.isStatic() -> slot.home();
            case Origin.Result(Operation telling, Origin _) when telling != null && telling.parameters().isEmpty() ->
                telling.home();
            default -> null;
        };
        return entry == null || entry == operation.home() || entry.external() || !isEntry(entry)
                ? List.of()
                : operation.home()
                        .fields()
                        .stream()
                        .filter(field -> kept(field) == entry && goesThrough(operation, field, within))
                        .toList();
    }

    private static boolean goesThrough(Operation operation, Field entries, Setting within) {
        for (Setting at = within; at != null; at = at.outer()) {
            if (at.kind() == Setting.Kind.EACH && at.about().stream().anyMatch(over -> isFrom(over, entries))
                    || at.kind() == Setting.Kind.WHILE) {
                return true;
            }
        }
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        return Setting.inside(within, Setting.Kind.FUNCTION) && operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && isFrom(calls.receiver(), entries)
                        && !library.oneElement(calls.name()) && !library.adds(calls.name())
                        && !library.lists("removes", calls.name()));
    }

    private static boolean isFrom(Flow flow, Field entries) {
        return flow.any(origin -> Origins.field(origin) == entries);
    }

    /** True for an entry that is made in the operation of what it was given. */
    static boolean isMadeOfInput(Flow value, Operation operation) {
        return value.origins()
                .stream()
                .map(origin -> origin instanceof Origin.Fresh(CodeType made) ? made : null)
                .filter(Objects::nonNull)
                .filter(Entries::isEntry)
                .anyMatch(made -> operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Creates creates && creates.type() == made
                                && creates.arguments().stream().anyMatch(one -> Flows.fromInput(one, operation))));
    }
}
