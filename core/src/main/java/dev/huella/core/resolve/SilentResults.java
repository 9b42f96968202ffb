package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.stream.Stream;

/** Where results are not written, an operation of which no form hands anything back has none. */
final class SilentResults {
    private SilentResults() {}

    static void resolve(List<CodeType> types, LibraryKnowledge library) {
        if (library.rule(Rule.DYNAMIC) && !library.rule(Rule.LAST_VALUE_IS_RETURNED)) {
            TypeUse nothing = TypeUse.primitive(library.literal("void"));
            types.forEach(type -> type.operations()
                    .stream()
                    .filter(operation -> operation.kind() == Kind.OPERATION && operation.returns().isUnknown())
                    .filter(operation -> Stream.concat(Stream.of(operation), operation.overriders().stream())
                            .allMatch(SilentResults::isSilent))
                    .forEach(operation -> {
                        operation.signature(operation.variables(), operation.parameters(), nothing);
                        operation.resultWorkedOut();
                    }));
        }
    }

    private static boolean isSilent(Operation operation) {
        return operation.hasBody() && !operation.isAbstract() && operation.deeds()
                .stream()
                .noneMatch(deed -> deed instanceof Deed.Yields
                        || deed instanceof Deed.Throws && deed.within() == null
                        || deed instanceof Deed.Returns returns && returns.value() != null);
    }
}
