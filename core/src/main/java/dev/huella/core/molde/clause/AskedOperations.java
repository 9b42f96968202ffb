package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import java.util.stream.Stream;

/** How much a type asks of its realisations. */
final class AskedOperations {

    private AskedOperations() {}

    /** The number of different names that realisations must supply, those that types above it ask for included. */
    static long count(CodeType type) {
        return Stream.concat(Stream.of(type), Hierarchy.above(type).stream().filter(above -> !above.external()))
                .flatMap(one -> one.operations().stream())
                .filter(Operation::isAbstract)
                .map(Operation::name)
                .distinct()
                .count();
    }
}
