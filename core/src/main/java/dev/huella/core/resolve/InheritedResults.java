package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** What nobody wrote an operation to give, and nothing in it shows, is what the one it stands in place of gives. */
final class InheritedResults {
    private InheritedResults() {}

    static void resolve(List<CodeType> types) {
        for (CodeType type : types) {
            for (Operation operation : type.operations()) {
                if (operation.kind() == Kind.OPERATION && operation.returns().isUnknown()) {
                    operation.overridden()
                            .stream()
                            .map(Operation::returns)
                            .filter(above -> !above.isUnknown() && isSettled(above))
                            .findFirst()
                            .ifPresent(above -> {
                                operation.signature(operation.variables(), operation.parameters(), above);
                                operation.resultWorkedOut();
                            });
                }
            }
        }
    }

    /** Says the same below as above: speaks of no type that is left open. */
    private static boolean isSettled(TypeUse use) {
        return use.variable() == null && use.arguments().stream().allMatch(InheritedResults::isSettled);
    }
}
