package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** Which operation stands in place of which. */
final class OverrideResolver {
    private OverrideResolver() {}

    static void resolve(List<CodeType> types, Supertypes supertypes) {
        for (CodeType type : types) {
            for (Operation operation : type.operations()) {
                if (operation.kind() == Kind.OPERATION) {
                    link(operation, supertypes);
                }
            }
            type.fields().stream().filter(field -> !field.isStatic()).forEach(field -> keep(field, supertypes));
        }
    }

    /** What is promised as a property is kept as a field. */
    private static void keep(Field field, Supertypes supertypes) {
        for (CodeType above : supertypes.above(field.home())) {
            if (above.external()) {
                continue;
            }
            above.operations()
                    .stream()
                    .filter(asked -> asked.name().equals(field.name()) && isPromised(asked)
                            && !asked.keptIn().contains(field))
                    .forEach(asked -> asked.keptBy(field));
            above.fields()
                    .stream()
                    .filter(other -> other.name().equals(field.name()) && !other.isStatic()
                            && (above.kind().promises() || other.modifiers().has(Mark.ABSTRACT))
                            && !other.keptIn().contains(field))
                    .forEach(other -> other.keptBy(field));
        }
    }

    private static boolean isPromised(Operation asked) {
        return !asked.hasBody() && !asked.isStatic()
                && (asked.modifiers().has(Mark.GETTER) || asked.modifiers().has(Mark.SETTER));
    }

    private static void link(Operation operation, Supertypes supertypes) {
        for (CodeType above : supertypes.above(operation.home())) {
            for (Operation other : above.operations()) {
                if (operation.overridden().contains(other)) {
                    break;
                }
                if (isNamed(operation, other) && isOfAKind(operation, other, supertypes) && stands(operation, other)) {
                    operation.overrides(other);
                    if (!above.external()) {
                        other.overriddenBy(operation);
                    }
                    break;
                }
            }
        }
    }

    /**
     * A type that is handed over itself answers with what needs no object: to what it is found to fit by shape, or where just
     * that is promised.
     */
    private static boolean isOfAKind(Operation operation, Operation other, Supertypes supertypes) {
        return operation.isStatic() == other.isStatic()
                ? !other.isStatic() || other.isAbstract()
                : operation.isStatic() && other.home().kind().promises() && supertypes.gained(operation.home());
    }

    /** An object that can be called stands in for a function. */
    private static boolean isNamed(Operation operation, Operation other) {
        return other.name().equals(operation.name())
                || other.name().equals(Value.APPLY) && other.home().kind() == TypeKind.FUNCTION
                        && LibraryKnowledge.of(operation.home()).invokes(operation.name());
    }

    private static boolean stands(Operation operation, Operation other) {
        if (other.kind() != Kind.OPERATION
                || other.modifiers().visibility() == Visibility.PRIVATE && !other.home().language().equals("cpp")
                        && !other.home().language().equals("ruby")
                || other.modifiers().has(Mark.FIXED) && other.overridden().isEmpty()) {
            return false;
        }
        if (LibraryKnowledge.of(operation.home()).rule(Rule.ONE_BY_NAME)) {
            return true;
        }
        if (!other.home().shape() && operation.parameters().size() != other.parameters().size()) {
            return false;
        }
        for (int i = 0; i < Math.min(operation.parameters().size(), other.parameters().size()); i++) {
            if (!same(operation.parameters().get(i).type(), other.parameters().get(i).type())) {
                return false;
            }
        }
        return true;
    }

    /** The one above may speak of a type variable where this one says what it stands for. */
    private static boolean same(TypeUse own, TypeUse above) {
        if (above.variable() != null || own.variable() != null || own.isUnknown() || above.isUnknown()) {
            return true;
        }
        return own.dimensions() == above.dimensions()
                && (own.type() != null || above.type() != null
                        ? own.type() == above.type()
                        : own.text().equals(above.text()));
    }
}
