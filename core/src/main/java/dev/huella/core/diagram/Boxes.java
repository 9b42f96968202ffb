package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeVariable;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Makes the boxes of types, each with an id of its own even where two types have one name. */
final class Boxes {
    private final Map<CodeType, Box> made = new LinkedHashMap<>();
    private final Set<String> used = new HashSet<>();
    private final Map<CodeType, String> ids = new IdentityHashMap<>();
    private final boolean framed;

    Boxes(boolean framed) {
        this.framed = framed;
    }

    void add(CodeType type, List<String> tags, Look look, int hidden, BoxContents contents) {
        String id = type.qualifiedName();
        for (int number = 2; !used.add(id); number++) {
            id = type.qualifiedName() + "#" + number;
        }
        ids.put(type, id);
        var head = new Head(name(type), type.isAbstract(), BoxContents.stereotype(type), tags,
                type.external() && look == Look.PLAIN ? Look.OUTSIDE : look, hidden);
        made.put(type, new Box(id, type, head, contents.fields(type), contents.operations(type),
                framed && !type.external() ? type.namespace() : null));
    }

    static String name(CodeType type) {
        return type.variables().isEmpty() || type.external()
                ? type.name()
                : type.name() + type.variables()
                        .stream()
                        .map(TypeVariable::name)
                        .collect(Collectors.joining(", ", "<", ">"));
    }

    Set<CodeType> types() {
        return made.keySet();
    }

    String id(CodeType type) {
        return ids.get(type);
    }

    List<Box> all() {
        return List.copyOf(made.values());
    }
}
