package dev.huella.core.diagram;

import dev.huella.core.model.Relation;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** Kinds of relations that a person chooses among. */
public enum Reach {
    INHERITANCE, ASSOCIATION, CREATION, USE;

    public static final Set<Reach> ALL = Set.copyOf(EnumSet.allOf(Reach.class));

    public static Reach of(Relation relation) {
        return switch (relation.kind()) {
            case GENERALIZATION, REALIZATION -> INHERITANCE;
            case COMPOSITION, AGGREGATION, ASSOCIATION -> ASSOCIATION;
            case DEPENDENCY -> relation.stereotype().equals("create") ? CREATION : USE;
            case NESTING -> USE;
        };
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
