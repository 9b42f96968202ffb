package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import java.util.List;

/** In languages without abstract operations, one that does nothing but fail and is replaced in subtypes is a promise. */
final class RefusalResolver {
    private RefusalResolver() {}

    static void resolve(List<CodeType> types, LibraryKnowledge library) {
        if (library.rule(Rule.DYNAMIC)) {
            types.forEach(type -> type.operations()
                    .stream()
                    .filter(operation -> operation.kind() == Kind.OPERATION && !operation.overriders().isEmpty())
                    .filter(RefusalResolver::onlyFails)
                    .forEach(Operation::onlyPromised));
        }
    }

    private static boolean onlyFails(Operation operation) {
        boolean fails = false;
        for (Deed deed : operation.deeds()) {
            if (deed.within() != null || !(deed instanceof Deed.Throws || deed instanceof Deed.Creates
                    || deed instanceof Deed.Calls calls && calls.name().equals("raise"))) {
                return false;
            }
            fails |= deed instanceof Deed.Throws;
        }
        return fails;
    }
}
