package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What calls give back of whose operation only the name is known. */
final class LibraryResults {
    /** Lists of the data file, and the literals that have the type of what is given. */
    private static final Map<String, String> VALUES = new TreeMap<>(
            Map.of("givesText", "string", "givesTruth", "boolean",
                    "givesInt", "int", "givesLong", "long", "givesFloat", "float", "givesDouble", "double"));
    private final Resolution world;

    LibraryResults(Resolution world) {
        this.world = world;
    }

    /**
     * Null when the name says nothing of it.
     *
     * @param bare true when it is called on nothing; {@code on} is then the object around it
     */
    Flow of(String name, Flow on, boolean bare, List<Flow> given) {
        LibraryKnowledge library = world.library;
        if (NameResolver.isType(on) && isKeptOnce(on.type().type()) && library.lists("handsOutOne", name)) {
            return Flow.of(new Origin.Result(null, on.first()), TypeUse.of(on.type().type()));
        }
        if ((bare || on.first() == Origin.UNKNOWN) && !given.isEmpty() && library.lists("givesBackFirst", name)) {
            return given.getFirst();
        }
        if (!bare && library.lists("handlers", name) && on.first() instanceof Origin.OfField event) {
            return new Flow(List.of(Containers.copy(event, false)), on.type().array(1));
        }
        if (!bare && library.lists("handsOutNamed", name)) {
            for (Flow one : given) {
                if (one.first() instanceof Origin.OfType(CodeType named)) {
                    return Flow.of(new Origin.Result(null, on.first()), TypeUse.of(named));
                }
            }
        }
        if (bare && given.size() == 1 && library.copiesDeep(name)) {
            Flow copied = given.getFirst();
            return new Flow(copied.origins().stream().map(LibraryResults::copy).toList(), copied.type());
        }
        CodeType type = on.type().dimensions() > 0 ? null : on.type().type();
        if (!bare && library.copies(name) && type != null && !type.external() && !NameResolver.isType(on)) {
            return Flow.of(new Origin.Result(null, on.first()), on.type());
        }
        return !bare && type != null && !type.external() ? null : value(name, on);
    }

    /** What is put in place of what others wait for, there already or still to be made; null for anything else. */
    Flow settled(Value.Call call, Operation callee, List<Flow> given, FunctionResolver functions) {
        boolean outside = call.receiver() != null && !given.isEmpty() && (callee == null || callee.home().external());
        String type = outside ? NameResolver.path(call.receiver()) : null;
        boolean settles = type != null
                && world.library.lists("settles", type.substring(type.lastIndexOf('.') + 1) + "." + call.name());
        return !settles
                ? null
                : Arguments.isFunction(call.arguments().getFirst())
                        ? functions.made()
                        : given.getFirst();
    }

    /** What the data file says gives text, a truth or a number. */
    private Flow value(String name, Flow on) {
        return VALUES.entrySet()
                .stream()
                .filter(kind -> world.library.lists(kind.getKey(), name))
                .findFirst()
                .map(kind -> Flow.of(new Origin.Result(null, on.first()), world.literal(kind.getValue())))
                .orElse(null);
    }

    private static Origin copy(Origin of) {
        return of instanceof Origin.Fresh || of == Origin.UNKNOWN ? of : Containers.copy(of, true);
    }

    /** Its library keeps the one object of the type. */
    private boolean isKeptOnce(CodeType type) {
        return world.supertypes.above(type).stream().anyMatch(world.library::madeOnce);
    }
}
