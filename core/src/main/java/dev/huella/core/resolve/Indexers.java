package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** What lies at a place in an object of the code base: what its type says for brackets, or a part of what is taken apart. */
final class Indexers {
    /** Kinds of types that are made of their fields in the order these are written in. */
    private static final Set<TypeKind> ORDERED = Set.of(TypeKind.RECORD, TypeKind.STRUCT);

    private Indexers() {}

    /** The call behind {@code object[index]}; null where the brackets are those of a container. */
    static Value.Call read(Value.Element element, ValueResolver values, Resolution world) {
        Operation reading = find(element, "readsAt", Mark.SETTER, values, world);
        return reading == null
                ? null
                : new Value.Call(element.of(), reading.name(), List.of(element.index()), element.at());
    }

    /** The call behind {@code object[index] = value}; null where the brackets are those of a container. */
    static Value.Call write(Value.Element element, Value given, ValueResolver values, Resolution world) {
        Operation writing = find(element, "writesAt", Mark.GETTER, values, world);
        return writing == null
                ? null
                : new Value.Call(element.of(), writing.name(), List.of(element.index(), given), element.at());
    }

    /** What a type of the code base that is taken apart has at a place: as its constructor takes it, else in its own order. */
    static Field part(TypeUse of, Value index, Resolution world) {
        CodeType type = of.dimensions() > 0 ? null : of.type();
        if (type == null || type.external() || !(index instanceof Value.Literal at)
                || at.kind() != Value.Literal.Kind.PLACE || at.text().length() != 1) {
            return null;
        }
        int place = Character.digit(at.text().charAt(0), 10);
        List<Field> own = type.fields().stream().filter(field -> !field.isStatic()).toList();
        Field inOrder = ORDERED.contains(type.kind()) && place < own.size() ? own.get(place) : null;
        return type.operations()
                .stream()
                .filter(made -> made.kind() == OperationDeclared.Kind.CONSTRUCTOR && made.parameters().size() > place)
                .map(made -> world.members.field(type, made.parameters().get(place).name()))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(inOrder);
    }

    private static Operation find(Value.Element element, String list, Mark other, ValueResolver values,
            Resolution world) {
        if (world.library.names(list).isEmpty()) {
            return null; // no such thing in this language
        }
        TypeUse of = values.quietly(element.of()).type();
        CodeType type = of.dimensions() > 0 ? null : of.type();
        if (type == null || type.external() || type.shape()) {
            return null;
        }
        return world.library.names(list)
                .stream()
                .flatMap(name -> world.members.operations(type, name).stream())
                .filter(operation -> !operation.home().external() && !operation.isStatic()
                        && !operation.modifiers().has(other))
                .findFirst()
                .orElse(null);
    }
}
