package dev.huella.core.diagram;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.source.SourceSpan;
import java.util.List;

/** What a state diagram shows, without any coordinates. */
public record StateMachine(String title, List<CodeType> states, List<Transition> transitions) {
    public StateMachine {
        states = List.copyOf(states);
        transitions = List.copyOf(transitions);
    }

    /**
     * One way from state to state.
     *
     * @param from null where the code does not say from which: at the start, or from any
     * @param initial true when it is where the machine begins
     * @param by the operation during which it happens
     */
    public record Transition(CodeType from, CodeType to, boolean initial, String label, Element by, SourceSpan at) {}
}
