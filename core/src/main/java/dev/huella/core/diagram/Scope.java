package dev.huella.core.diagram;

import dev.huella.core.model.CodeType;
import java.util.List;

/** Which types a class diagram shows. */
public sealed interface Scope {
    /** Types and what is next to them. {@code distance}: how many relations away a type may be. */
    record Around(CodeType centre, int distance) implements Scope {}

    /** All types of a package and of the packages inside it. */
    record OfPackage(String name) implements Scope {}

    /** Types chosen by hand. */
    record Picked(String name, List<CodeType> types) implements Scope {
        public Picked {
            types = List.copyOf(types);
        }
    }

    /** All types of the sources. */
    record Everything() implements Scope {}
}
