package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is above a type, and which bodies answer for it. */
final class Hierarchy {
    private Hierarchy() {}

    /** All types above, nearest first; superclasses come before the interfaces next to them. */
    static Collection<CodeType> above(CodeType type) {
        Set<CodeType> found = new LinkedHashSet<>();
        Deque<CodeType> open = new ArrayDeque<>(List.of(type));
        while (!open.isEmpty()) {
            for (TypeUse use : open.poll().supertypes()) {
                if (use.type() != null && use.type() != type && found.add(use.type())) {
                    open.add(use.type());
                }
            }
        }
        return found;
    }

    /** The very type, or one below it. */
    static boolean isA(CodeType type, CodeType other) {
        return type == other || above(type).contains(other);
    }

    /** False when something above is known by name only, so that operations may come from there. */
    static boolean fullyKnown(CodeType type) {
        return above(type).stream()
                .allMatch(above -> !above.external() || !above.operations().isEmpty() || !above.supertypes().isEmpty());
    }

    /** For each operation that can be called on an object of the type, the body that answers. Own bodies come first. */
    static Map<Operation, Operation> answers(CodeType type) {
        Map<Operation, Operation> answers = new LinkedHashMap<>();
        answer(type, answers);
        for (CodeType above : above(type)) {
            if (!above.external()) {
                answer(above, answers);
            }
        }
        if (above(type).size() > 1) {
            inherited(type, answers);
        }
        return answers;
    }

    /** Handed over itself, in place of an object: what needs no object answers what is asked where it goes. */
    static boolean answersItself(CodeType type) {
        return type.operations().stream().anyMatch(one -> one.isStatic() && !one.overridden().isEmpty());
    }

    private static void answer(CodeType type, Map<Operation, Operation> answers) {
        for (Operation operation : type.operations()) {
            if (operation.kind() == Kind.OPERATION && operation.hasBody()
                    && (!operation.isStatic() || !operation.overridden().isEmpty())) {
                answers.putIfAbsent(operation, operation);
                operation.overridden().forEach(over -> answers.putIfAbsent(over, operation));
            }
        }
    }

    /** A base's body may answer for an interface that the base does not know of. */
    private static void inherited(CodeType type, Map<Operation, Operation> answers) {
        for (CodeType above : above(type)) {
            for (Operation asked : above.operations()) {
                if (asked.isAbstract() && !answers.containsKey(asked)) {
                    answers.values()
                            .stream()
                            .filter(answer -> sameShape(answer, asked))
                            .findFirst()
                            .ifPresent(answer -> answers.put(asked, answer));
                }
            }
        }
    }

    private static boolean sameShape(Operation one, Operation other) {
        return one.name().equals(other.name()) && one.parameters().size() == other.parameters().size();
    }

    /** True when nothing of that name and number of parameters has a body on the way up. */
    static boolean missing(CodeType type, Operation asked) {
        return above(type).stream()
                .noneMatch(above -> above.operations()
                        .stream()
                        .anyMatch(operation -> operation.hasBody() && sameShape(operation, asked)))
                && type.operations().stream().noneMatch(operation -> operation.hasBody() && sameShape(operation, asked))
                && !ofObject(asked);
    }

    private static boolean ofObject(Operation operation) {
        return List.of("equals", "hashCode", "toString", "clone", "finalize").contains(operation.name());
    }
}
