package dev.huella.core.facts;

import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * One step of a body, in order, in the few forms that all languages share. Control flow is kept only as deep as
 * conditions and loops.
 */
public sealed interface Step {
    SourceSpan at();

    /** A local variable comes to be. {@code type} and {@code initial} may be null. */
    record Declare(String name, TypeText type, Value initial, SourceSpan at) implements Step {}

    /** A value is computed for its effect. */
    record Do(Value value, SourceSpan at) implements Step {}

    /** The body ends with a value; {@code value} is null when there is none. */
    record Return(Value value, SourceSpan at) implements Step {}

    /**
     * The body around ends with a value, seen from inside functions written in place.
     *
     * @param functions how many of these it leaves, from 1
     */
    record ReturnOutwards(Value value, int functions, SourceSpan at) implements Step {}

    /** One value of a sequence is handed out and the body goes on when asked again. */
    record Yield(Value value, SourceSpan at) implements Step {}

    /** The body ends with an error. */
    record Throw(Value value, SourceSpan at) implements Step {}

    /** A way out of a loop: {@code whole} leaves it, otherwise the next round begins. */
    record Leave(boolean whole, SourceSpan at) implements Step {}

    /** One of several branches is taken. {@code complete}: one of them always is. */
    record Choose(Value on, List<Branch> branches, boolean complete, SourceSpan at) implements Step {
        public Choose {
            branches = List.copyOf(branches);
        }
    }

    /** One branch with what leads into it: case labels, kinds, or none for the rest. */
    record Branch(List<Value> labels, List<Step> steps) {
        public Branch {
            labels = List.copyOf(labels);
            steps = List.copyOf(steps);
        }
    }

    /**
     * Steps done again and again.
     *
     * @param variable name bound to each element, null for loops that only test
     * @param type of the variable as written, null when none is
     * @param over what is gone through, or the condition that is tested; null for neither
     */
    record Loop(String variable, TypeText type, Value over, List<Step> body, SourceSpan at) implements Step {
        public Loop {
            body = List.copyOf(body);
        }
    }

    /** Steps that belong together: a block, a try, a lock. {@code lock} is null unless it is one. */
    record Block(Value lock, List<Step> steps, List<Step> onError, List<Step> always, SourceSpan at) implements Step {
        public Block {
            steps = List.copyOf(steps);
            onError = List.copyOf(onError);
            always = List.copyOf(always);
        }
    }

    /** A type declared in the body. */
    record Local(TypeDeclared type, SourceSpan at) implements Step {}
}
