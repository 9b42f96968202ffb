package dev.huella.core.diagram;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * What a sequence diagram shows, without any coordinates.
 *
 * @param lifelines in the order in which they take part; the first is what the diagram starts at
 * @param start the call that everything follows from
 * @param cut true when steps were left out because there are too many
 */
public record CallSequence(String title, List<Lifeline> lifelines, Message start, boolean cut) {
    public CallSequence {
        lifelines = List.copyOf(lifelines);
    }

    /**
     * Something that takes part.
     *
     * @param name of the field, parameter or local that holds it; empty when it has none
     * @param possible names of types that it may be of; empty when there is one only
     * @param made true when it is created during the sequence
     */
    public record Lifeline(String name, CodeType type, List<String> possible, boolean made) {
        public Lifeline {
            possible = List.copyOf(possible);
        }

        /** As UML writes it: the name, a colon, the type. */
        public String head() {
            return (name + " : " + Boxes.name(type)).strip();
        }
    }

    /** One thing in the order of time. */
    public sealed interface Step {}

    /**
     * One call or creation with all that follows from it until it ends.
     *
     * @param from number of a lifeline; -1 for a caller that is not shown
     * @param result what a call gives back that the caller uses; empty when nothing is
     * @param element the operation called, or the type made
     */
    public record Message(boolean creates, int from, int to, String text, String result, Element element,
            SourceSpan at, List<Step> inside) implements Step {
        public Message {
            inside = List.copyOf(inside);
        }
    }

    /** Steps under a condition, in a loop, or in one of several branches. {@code operator}: UML's word for it. */
    public record Fragment(String operator, List<Operand> operands) implements Step {
        public Fragment {
            operands = List.copyOf(operands);
        }
    }

    /** One branch. {@code guard}: under which condition; empty when that is not known. */
    public record Operand(String guard, List<Step> steps) {
        public Operand {
            steps = List.copyOf(steps);
        }
    }
}
