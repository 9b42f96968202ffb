package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Where a member is the object itself, one that no constructor sets is made together with the object it lies in. */
final class ObjectsInPlace {
    /** Marks of types whose members are not the object itself. */
    static final Pattern INDIRECT = Pattern.compile("[*&<]");

    private ObjectsInPlace() {}

    static void resolve(List<CodeType> types, LibraryKnowledge library) {
        if (library.rule(Rule.OBJECTS_IN_PLACE)) {
            types.stream()
                    .filter(type -> type.kind() == TypeKind.CLASS || type.kind() == TypeKind.STRUCT)
                    .forEach(ObjectsInPlace::settle);
        }
    }

    private static void settle(CodeType type) {
        if (Members.constructors(type).stream().anyMatch(one -> !one.hasBody() && !one.parameters().isEmpty())) {
            return; // its text is not here, and may set anything
        }
        Set<Field> set = new HashSet<>();
        for (Operation operation : type.operations()) {
            if (operation.isConstructor() || operation.kind() == Kind.INITIALISER) {
                operation.deeds()
                        .stream()
                        .filter(deed -> deed instanceof Deed.Sets)
                        .forEach(deed -> set.add(((Deed.Sets) deed).field()));
            }
        }
        List<Field> made = type.fields().stream().filter(field -> !set.contains(field) && isObject(field)).toList();
        if (!made.isEmpty()) {
            Operation initialiser = initialiser(type);
            List<Deed> deeds = new ArrayList<>(initialiser.deeds());
            for (Field field : made) {
                CodeType of = field.type().type();
                Operation constructor = Members.constructors(of)
                        .stream()
                        .filter(one -> one.parameters().stream().allMatch(Operation.Parameter::optional))
                        .findFirst()
                        .orElse(null);
                deeds.add(new Deed.Creates(of, constructor, List.of(), null, field.place()));
                deeds.add(new Deed.Sets(field, true, Flow.of(new Origin.Fresh(of), field.type()), null, field.place()));
            }
            initialiser.deeds(deeds);
        }
    }

    private static boolean isObject(Field field) {
        TypeUse use = field.type();
        CodeType type = use.type();
        return type != null && !type.external() && use.dimensions() == 0 && !field.isStatic()
                && field.kind() == FieldDeclared.Kind.FIELD && !INDIRECT.matcher(use.text()).find()
                && (type.kind() == TypeKind.CLASS || type.kind() == TypeKind.STRUCT) && !type.isAbstract()
                && type != field.home();
    }

    private static Operation initialiser(CodeType type) {
        for (Operation operation : type.operations()) {
            if (operation.kind() == Kind.INITIALISER && !operation.isStatic()) {
                return operation;
            }
        }
        var operation = new Operation(type, "<fields>", Kind.INITIALISER, TypeDeclarer.hidden(false), true,
                type.place());
        type.add(operation);
        return operation;
    }
}
