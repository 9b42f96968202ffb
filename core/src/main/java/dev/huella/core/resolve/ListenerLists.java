package dev.huella.core.resolve;

import com.fasterxml.jackson.databind.JsonNode;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Types of a language's library that keep those to tell. A type of the sources that is one of them has the list
 * although no field of it is written; it is given one that says so.
 */
final class ListenerLists {
    /** How a list without a declaration is called. */
    private static final String NAME = "listeners";

    private final Map<String, Kind> kinds = new HashMap<>();
    private final Set<String> operations = new HashSet<>();

    /**
     * What the operations of such a type do.
     *
     * @param takes which argument of those that join is the listener
     * @param skips how many arguments of those that tell are not handed on, such as the name of an event
     * @param update which operation of a listener is called; {@link Value#APPLY} where listeners are functions
     * @param of the library's type of listeners; empty when there is none
     */
    record Kind(Set<String> joins, Set<String> leaves, Set<String> tells, int takes, int skips, String update,
            String of) {
        boolean knows(String operation) {
            return joins.contains(operation) || leaves.contains(operation) || tells.contains(operation);
        }
    }

    /** What a data file says of them. */
    void add(JsonNode data) {
        data.properties()
                .forEach(entry -> kinds.put(entry.getKey(),
                        new Kind(words(entry.getValue().path("joins")), words(entry.getValue().path("leaves")),
                                words(entry.getValue().path("tells")), entry.getValue().path("takes").asInt(),
                                entry.getValue().path("skips").asInt(),
                                entry.getValue().path("update").asText(Value.APPLY),
                                entry.getValue().path("of").asText())));
        kinds.values().forEach(kind -> {
            operations.addAll(kind.joins);
            operations.addAll(kind.leaves);
            operations.addAll(kind.tells);
        });
    }

    private static Set<String> words(JsonNode list) {
        Set<String> all = new LinkedHashSet<>();
        list.forEach(word -> all.add(word.asText()));
        return all;
    }

    /** True when some such type has an operation of that name: few calls need a further look. */
    boolean mayKnow(String operation) {
        return operations.contains(operation);
    }

    /** How a type of the library keeps listeners; null for all others. */
    Kind of(CodeType type) {
        if (type == null || !type.external() || kinds.isEmpty()) {
            return null;
        }
        Kind named = kinds.get(type.qualifiedName());
        return named == null ? kinds.get(type.name()) : named;
    }

    /** How a type of the sources keeps listeners through its bases; null when it does not. */
    Kind through(CodeType type, Supertypes supertypes) {
        if (kinds.isEmpty() || type == null) {
            return null;
        }
        return supertypes.above(type)
                .stream()
                .map(this::of)
                .filter(kind -> kind != null)
                .findFirst()
                .orElse(null);
    }

    /**
     * Gives the topmost types of the sources below such a base the list that they have by it, and fields that hold
     * such an object one beside them. May be asked again when more is known of fields.
     */
    void settle(List<CodeType> types, Resolution world) {
        for (CodeType type : kinds.isEmpty() ? List.<CodeType>of() : types) {
            Kind kind = through(type, world.supertypes);
            boolean first = kind != null && world.supertypes.above(type)
                    .stream()
                    .filter(above -> !above.external())
                    .allMatch(above -> through(above, world.supertypes) == null);
            if (first && !world.listeners.containsKey(type)) {
                give(type, type, NAME, kind, world);
            }
            for (Field field : List.copyOf(type.fields())) {
                Kind held = field.modifiers().has(Mark.IMPLIED) || field.type().dimensions() > 0
                        ? null
                        : of(field.type().type());
                if (held != null && !world.listeners.containsKey(field)) {
                    give(field, type, field.name(), held, world);
                }
            }
        }
    }

    /** Notes what hands out, as it is or narrowed by the library, an object that keeps those to tell. */
    void fronts(List<CodeType> types, Resolution world) {
        for (CodeType type : world.listeners.isEmpty() ? List.<CodeType>of() : types) {
            for (Operation operation : type.operations()) {
                for (Deed deed : operation.deeds()) {
                    switch (deed) {
                        case Deed.Sets sets when sets.own() -> front(sets.field(), sets.value(), world);
                        case Deed.Returns back when back.value() != null && back.within() == null ->
                            front(operation, back.value(), world);
                        default -> {
                            // hands nothing out
                        }
                    }
                }
            }
        }
    }

    private void front(Element front, Flow value, Resolution world) {
        Origin from = value.first() instanceof Origin.Result(Operation callee, Origin receiver) && receiver != null
                && (callee == null || callee.home().external()) ? receiver : value.first();
        if (from instanceof Origin.OfField(Field holder, boolean own) && own && holder != front
                && of(holder.type().erased()) != null && world.listeners.containsKey(holder)) {
            world.fronts.putIfAbsent(front, holder);
        }
    }

    private static void give(Element owner, CodeType type, String name, Kind kind, Resolution world) {
        CodeType listener = kind.of.isEmpty() ? null : world.index.qualified(kind.of);
        Modifiers modifiers = Modifiers.of(Visibility.PRIVATE, Mark.EVENT, Mark.IMPLIED);
        boolean shared = owner instanceof Field field && field.isStatic();
        var list = new Field(type, name, listener == null ? TypeUse.UNKNOWN : TypeUse.of(listener).array(1),
                shared ? modifiers.with(Mark.STATIC) : modifiers, FieldDeclared.Kind.FIELD, owner.place());
        world.listeners.put(owner, list);
        type.add(list);
    }

    /** The list that a type of the sources has by a base, or that a field holds; null when there is none. */
    Field list(Element owner, Resolution world) {
        if (owner instanceof CodeType type && !world.listeners.containsKey(type)) {
            return world.supertypes.above(type)
                    .stream()
                    .map(world.listeners::get)
                    .filter(list -> list != null)
                    .findFirst()
                    .orElse(null);
        }
        return world.listeners.get(owner);
    }
}
