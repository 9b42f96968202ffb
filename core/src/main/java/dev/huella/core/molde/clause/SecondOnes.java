package dev.huella.core.molde.clause;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.List;
import java.util.stream.Stream;

/** Whether there is an open way to make a second object like one there is. */
final class SecondOnes {
    private SecondOnes() {}

    static boolean open(CodeType type) {
        var library = LibraryKnowledge.of(type);
        boolean cpp = type.language().equals("cpp");
        boolean php = type.language().equals("php");
        List<Operation> copying = Stream
                .concat(Stream.of(type), Hierarchy.above(type).stream().filter(one -> one.kind() == TypeKind.TRAIT))
                .flatMap(one -> one.operations().stream())
                .filter(operation -> cpp && Guards.copies(operation)
                        || library.cloners(operation.name()) && operation.parameters().isEmpty())
                .toList();
        boolean closed = copying.stream().anyMatch(SecondOnes::closed);
        if (cpp || php) {
            return !closed && copying.stream().noneMatch(one -> one.modifiers().visibility() == Visibility.PROTECTED);
        }
        boolean declared = Hierarchy.above(type).stream().anyMatch(library::copyable);
        boolean serialised = Hierarchy.above(type).stream().anyMatch(library::serialised)
                && type.operations().stream().noneMatch(operation -> operation.name().equals("readResolve"));
        return !closed && (!copying.isEmpty() && copying.stream().anyMatch(Operation::hasBody) || declared)
                || serialised && type.kind() != TypeKind.ENUM;
    }

    /** Nobody gets a copy from it: it is hidden, it only fails, or it hands out what was there before. */
    private static boolean closed(Operation copying) {
        List<Deed.Returns> handed = copying.deeds()
                .stream()
                .filter(deed -> deed instanceof Deed.Returns returns && returns.value() != null)
                .map(Deed.Returns.class::cast)
                .toList();
        return copying.modifiers().visibility() == Visibility.PRIVATE
                || Bodies.refuses(copying)
                || handed.isEmpty() && copying.deeds().stream().anyMatch(Deed.Throws.class::isInstance)
                || handed.stream()
                        .anyMatch(returns -> !returns.value().anyOf(Origin.Fresh.class)
                                && !returns.value().anyOf(Origin.Result.class));
    }
}
