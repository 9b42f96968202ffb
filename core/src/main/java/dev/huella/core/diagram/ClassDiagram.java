package dev.huella.core.diagram;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * What a class diagram is to show, without any coordinates. Boxes and links are in a fixed order.
 *
 * @param note what is left out and why; empty when nothing is
 */
public record ClassDiagram(String title, List<Box> boxes, List<Link> links, String note) {
    /** What ids of folded packages begin with. */
    public static final String PACKAGE = "package ";

    public ClassDiagram {
        boxes = List.copyOf(boxes);
        links = List.copyOf(links);
    }

    /** A diagram that leaves nothing out. */
    public ClassDiagram(String title, List<Box> boxes, List<Link> links) {
        this(title, boxes, links, "");
    }

    /**
     * One type, role, or folded package.
     *
     * @param id unlike that of any other box, and the same whenever the same thing is shown
     * @param type null where it stands for no type
     * @param frame the package whose frame it stands in; null when frames are not shown
     */
    public record Box(String id, CodeType type, Head head, List<Member> fields, List<Member> operations, String frame) {
        public Box {
            fields = List.copyOf(fields);
            operations = List.copyOf(operations);
        }

        public boolean focus() {
            return head.look == Look.FOCUS;
        }

        /** The same with other tags above it. */
        public Box tagged(List<String> tags) {
            return new Box(id, type, new Head(head.name, head.isAbstract, head.stereotype, tags, head.look,
                    head.hidden), fields, operations, frame);
        }
    }

    /**
     * What stands above the compartments.
     *
     * @param name with type parameters
     * @param stereotype in guillemets above the name, or empty
     * @param tags names of the roles it plays
     * @param hidden how many neighbours are not shown
     */
    public record Head(String name, boolean isAbstract, String stereotype, List<String> tags, Look look, int hidden) {
        public Head {
            tags = List.copyOf(tags);
        }
    }

    /** How a box stands out. */
    public enum Look {
        PLAIN,
        /** What the diagram is about. */
        FOCUS,
        /** A type outside the sources. */
        OUTSIDE,
        /** A role that nobody plays. */
        MISSING,
        /** A package that was folded. */
        FOLDED,
        /** A collaboration: the dashed ellipse. */
        COLLABORATION
    }

    /** One line in a compartment; {@code element} is null for "and 3 more". */
    public record Member(Element element, String text, boolean isStatic, boolean isAbstract, boolean broken) {}

    /**
     * One relation, from box to box by their ids.
     *
     * @param label stands at the middle: a stereotype, or the name of a role; or empty
     * @param role at the end of the part, or empty
     * @param multiplicity at the end of the part, or empty
     * @param broken true when an obligation breaks on it
     * @param place a line that causes it, or null
     */
    public record Link(Ending ending, String from, String to, String label, String role, String multiplicity,
            boolean broken, SourceSpan place) {

        /** True where lines of this kind that lead to one box are drawn with one head. */
        public boolean joins() {
            return ending.upward() || ending == Ending.DEPENDENCY && from.startsWith(PACKAGE) && to.startsWith(PACKAGE);
        }
    }

    /** UML's ways to draw a relation. */
    public enum Ending {
        GENERALIZATION, REALIZATION, COMPOSITION, AGGREGATION, ASSOCIATION, DEPENDENCY, NESTING,
        /** From who plays in a collaboration to it. */
        ROLE;

        public boolean dashed() {
            return this == REALIZATION || this == DEPENDENCY || this == ROLE;
        }

        /** True when the end it leads to stands above. */
        public boolean upward() {
            return this == GENERALIZATION || this == REALIZATION;
        }
    }
}
