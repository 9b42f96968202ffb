package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;

/**
 * What an operation gives later is what it gives: {@code Task<Crane>} is still written so, and means a crane. Settled
 * once all bodies are read, since what is done with the promise itself shows there.
 */
final class LaterResults {
    private LaterResults() {}

    static void resolve(List<CodeType> types) {
        for (CodeType type : types) {
            for (Operation operation : type.operations()) {
                TypeUse later = operation.returns();
                TypeUse given = later.awaited();
                if (given != later && given.dimensions() == 0 && !later.isVoid()) {
                    operation.signature(operation.variables(), operation.parameters(),
                            new TypeUse(later.text(), given.type(), given.variable(), given.arguments(), 0));
                }
            }
        }
    }
}
