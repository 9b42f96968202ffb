package dev.huella.core.model;

import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Locale;

/**
 * One relation between two types, with every place that causes it.
 *
 * @param role name of the end at {@code to}: the field's name; empty for other kinds
 * @param stereotype {@code create}, {@code call}, {@code use}, {@code refine}, or empty
 * @param multiplicity null for kinds that have none
 */
public record Relation(Kind kind, CodeType from, CodeType to, String role, Multiplicity multiplicity,
        String stereotype, List<SourceSpan> places) {
    public Relation {
        places = List.copyOf(places);
    }

    /** True when the code does not write it down: it follows from what is put where and asked of what. */
    public boolean inferred() {
        return switch (kind) {
            case REALIZATION, GENERALIZATION -> from.place() != null && from.mentions()
                    .stream()
                    .noneMatch(mention -> mention.kind() == Mention.Kind.SUPERTYPE && mention.to() == to);
            case ASSOCIATION, AGGREGATION, COMPOSITION -> from.fields()
                    .stream()
                    .anyMatch(field -> field.name().equals(role) && field.isInferred());
            case DEPENDENCY, NESTING -> false;
        };
    }

    /** UML's kinds, in the words of the structure format. */
    public enum Kind {
        GENERALIZATION, REALIZATION, COMPOSITION, AGGREGATION, ASSOCIATION, DEPENDENCY, NESTING;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
