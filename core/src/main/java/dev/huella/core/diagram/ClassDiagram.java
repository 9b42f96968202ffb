package dev.huella.core.diagram;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import java.util.List;

/** What a class diagram is to show, without any coordinates. Boxes and links are in a fixed order. */
public record ClassDiagram(String title, List<Box> boxes, List<Link> links) {
    public ClassDiagram {
        boxes = List.copyOf(boxes);
        links = List.copyOf(links);
    }

    /**
     * One type.
     *
     * @param tags names of the roles it plays
     * @param stereotype in guillemets above the name, or empty
     * @param focus true for the one the diagram is about
     * @param hidden how many neighbours are not shown
     */
    public record Box(CodeType type, List<String> tags, String stereotype, List<Member> fields,
            List<Member> operations, boolean focus, int hidden) {
        public Box {
            tags = List.copyOf(tags);
            fields = List.copyOf(fields);
            operations = List.copyOf(operations);
        }
    }

    /** One line in a compartment; {@code element} is null for "and 3 more". */
    public record Member(Element element, String text, boolean isStatic, boolean isAbstract, boolean broken) {}

    /**
     * One relation.
     *
     * @param label role name or stereotype, or empty
     * @param multiplicity at the end of the part, or empty
     * @param broken true when an obligation breaks on it
     */
    public record Link(Ending ending, CodeType from, CodeType to, String label, String multiplicity, boolean broken) {}

    /** UML's ways to draw a relation. */
    public enum Ending {
        GENERALIZATION, REALIZATION, COMPOSITION, AGGREGATION, ASSOCIATION, DEPENDENCY, NESTING;

        public boolean dashed() {
            return this == REALIZATION || this == DEPENDENCY;
        }
    }
}
