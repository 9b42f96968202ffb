package dev.huella.core.model;

import dev.huella.core.source.SourceSpan;
import java.util.List;

/** One thing that a body does, with its names resolved. {@code within} is null at the top of the body. */
public sealed interface Deed {
    SourceSpan at();

    Setting within();

    /** Calls an operation. {@code callee} is null when it is not known; {@code used}: something is done with the result. */
    record Calls(Operation callee, String name, Flow receiver, List<Flow> arguments, boolean used, Setting within,
            SourceSpan at) implements Deed {
        public Calls {
            arguments = List.copyOf(arguments);
        }

        /** A member of which nothing is known is given a value. */
        public static Calls setting(String member, Flow of, Flow value, Setting within, SourceSpan at) {
            return new Calls(null, member + "=", of, List.of(value), false, within, at);
        }

        /** True when it is such a one. */
        public boolean isSetting() {
            return callee == null && !used && arguments.size() == 1 && name.endsWith("=");
        }
    }

    /** Makes an object; {@code constructor} is null when it is not known. */
    record Creates(CodeType type, Operation constructor, List<Flow> arguments, Setting within, SourceSpan at)
            implements
                Deed {
        public Creates {
            arguments = List.copyOf(arguments);
        }
    }

    /** Gives a field a value. {@code own}: a field of the receiver or a type around it, or a static one. */
    record Sets(Field field, boolean own, Flow value, Setting within, SourceSpan at) implements Deed {}

    /**
     * Changes what an array or container that it holds, at one position, or counts a field up or down. {@code index} is
     * null where the position is not written.
     */
    record Stores(Flow container, Flow index, Flow value, Setting within, SourceSpan at) implements Deed {}

    /** Ends with a value; {@code value} is null when there is none. */
    record Returns(Flow value, Setting within, SourceSpan at) implements Deed {}

    /** Hands out one value of a sequence. */
    record Yields(Flow value, Setting within, SourceSpan at) implements Deed {}

    /** Ends with an error; {@code type} is null when unknown. */
    record Throws(CodeType type, Setting within, SourceSpan at) implements Deed {}

    /** Asks whether a value is there. */
    record TestsAbsence(Flow value, Setting within, SourceSpan at) implements Deed {}

    /** Asks what kind a value is. */
    record AsksKind(Flow value, CodeType kind, Setting within, SourceSpan at) implements Deed {}

    /** Takes one of several branches. {@code complete}: there is one for everything else. */
    record Chooses(List<Flow> on, int branches, boolean complete, int choice, Setting within, SourceSpan at)
            implements
                Deed {
        public Chooses {
            on = List.copyOf(on);
        }
    }

    /** Goes through the elements of something. */
    record GoesThrough(Flow over, Setting within, SourceSpan at) implements Deed {}

    /** Leaves a loop, or goes to its next round. */
    record Leaves(boolean whole, Setting within, SourceSpan at) implements Deed {}
}
