package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.TypeDeclarer.Declared;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A name for whichever of several types is an abstraction over them: they are below it, and it offers what all of them
 * offer under the same name. Where they have a type above them already, it comes in between.
 */
final class Choices {
    private final Resolution world;
    private final Map<CodeType, List<CodeType>> kinds = new LinkedHashMap<>();

    Choices(Resolution world) {
        this.world = world;
    }

    /** Once the supertypes that the code names are known. */
    void supertypes() {
        for (Declared declared : world.declarer.all()) {
            if (declared.facts().standing() == Standing.CHOICE) {
                var from = new TypeNames.From(declared.file(), declared.type().outer(), Map.of(),
                        declared.type().namespace());
                List<CodeType> named = declared.facts()
                        .extended()
                        .stream()
                        .map(text -> world.names.known(text.name(), from))
                        .distinct()
                        .filter(kind -> !world.supertypes.isA(declared.type(), kind))
                        .toList();
                declared.type().supertypes(inCommon(named).stream().map(TypeUse::of).toList());
                named.forEach(kind -> below(kind, declared));
            }
        }
    }

    /** Types of this code above all of them. */
    private Set<CodeType> inCommon(List<CodeType> types) {
        Set<CodeType> common = null;
        for (CodeType type : types) {
            if (common == null) {
                common = new LinkedHashSet<>(world.supertypes.above(type));
            }
            common.retainAll(world.supertypes.above(type));
        }
        Set<CodeType> found = common == null ? Set.of() : common;
        found.removeIf(CodeType::external);
        return found;
    }

    private void below(CodeType kind, Declared choice) {
        List<TypeUse> above = new ArrayList<>(kind.supertypes());
        if (above.stream().noneMatch(use -> use.type() == choice.type())) {
            above.add(TypeUse.of(choice.type()));
            kind.supertypes(above);
            kind.add(new Mention(choice.type(), Mention.Kind.SUPERTYPE, choice.facts().at()));
        }
        kinds.computeIfAbsent(choice.type(), key -> new ArrayList<>()).add(kind);
    }

    /** Once members are known. A name that stands for another one comes after it. */
    void members() {
        List<CodeType> left = new ArrayList<>(kinds.keySet());
        while (!left.isEmpty()) {
            CodeType next = left.stream()
                    .filter(choice -> kinds.get(choice).stream().noneMatch(left::contains))
                    .findFirst()
                    .orElseThrow();
            left.remove(next);
            offered(next, kinds.get(next));
        }
    }

    private void offered(CodeType choice, List<CodeType> all) {
        List<CodeType> offering = new ArrayList<>(List.of(all.getFirst()));
        offering.addAll(world.supertypes.above(all.getFirst()));
        offering.remove(choice);
        for (CodeType type : offering) {
            for (Operation operation : List.copyOf(type.operations())) {
                if (operation.kind() == Kind.OPERATION && isOpen(operation.modifiers())
                        && world.members.operations(choice, operation.name()).isEmpty()
                        && all.stream().allMatch(kind -> offers(kind, operation.name()))) {
                    choice.add(
                            Shapes.promised(choice, operation.name(), operation.parameters(), operation.returns()));
                    world.members.changed(choice);
                }
            }
            for (Field field : List.copyOf(type.fields())) {
                if (isOpen(field.modifiers()) && world.members.field(choice, field.name()) == null
                        && all.stream().allMatch(kind -> world.members.field(kind, field.name()) != null)) {
                    choice.add(new Field(choice, field.name(), field.type(), field.modifiers(),
                            FieldDeclared.Kind.FIELD, choice.place()));
                }
            }
        }
    }

    private boolean offers(CodeType kind, String name) {
        return world.members.operations(kind, name).stream().anyMatch(own -> isOpen(own.modifiers()));
    }

    private static boolean isOpen(Modifiers modifiers) {
        return modifiers.visibility() == Visibility.PUBLIC && !modifiers.has(Mark.STATIC);
    }
}
