package dev.huella.core.diagram;

import dev.huella.core.diagram.StateMachine.Transition;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Reads off the code who replaces whom in a field that holds one of several objects: by setting it, by calling an
 * operation that sets it, or by giving the next one back to whoever sets it.
 */
public final class TransitionTrace {
    private final Field current;
    private final List<CodeType> states;
    private final Map<Operation, Integer> setters = new HashMap<>();
    private final Set<Operation> asked = new LinkedHashSet<>();
    private final Set<Transition> found = new LinkedHashSet<>();

    private TransitionTrace(Field current, List<CodeType> states) {
        this.current = current;
        this.states = states;
    }

    /** The transitions of a find; null when no player of it is a field whose value is replaced by another player. */
    public static StateMachine of(PatternInstance instance) {
        List<Element> players = instance.players()
                .values()
                .stream()
                .flatMap(List::stream)
                .map(one -> one.element())
                .distinct()
                .toList();
        for (Element player : players) {
            if (player instanceof Field field && field.held().type().erased() != null) {
                CodeType state = field.held().type().erased();
                List<CodeType> states = players.stream()
                        .filter(one -> one instanceof CodeType type && type != state && !type.external()
                                && below(type, state))
                        .map(CodeType.class::cast)
                        .toList();
                StateMachine machine = new TransitionTrace(field, states).machine(FindDiagram.title(instance));
                if (machine.transitions().stream().anyMatch(one -> one.from() != null)) {
                    return machine;
                }
            }
        }
        return null;
    }

    private static boolean below(CodeType type, CodeType other) {
        return type == other || type.supertypes().stream().anyMatch(up -> up.type() != null && below(up.type(), other));
    }

    private StateMachine machine(String title) {
        CodeType context = current.home();
        for (Operation operation : context.operations()) {
            for (Deed deed : operation.written()) {
                if (deed instanceof Deed.Sets sets && sets.field() == current) {
                    settle(operation, sets);
                }
            }
        }
        for (CodeType state : states) {
            state.operations().forEach(operation -> follow(operation, state));
        }
        for (Operation operation : context.operations()) {
            if (!setters.containsKey(operation)) {
                follow(operation, null);
            }
        }
        return new StateMachine(title, states, List.copyOf(found));
    }

    private void settle(Operation operation, Deed.Sets sets) {
        switch (sets.value().first()) {
            case Origin.OfParameter(Operation of, int index) when of == operation -> setters.put(operation, index);
            case Origin.Result(Operation callee, Origin _) when callee != null -> {
                asked.add(callee);
                asked.addAll(callee.overriders());
            }
            default -> to(sets.value()).forEach(state -> add(null, state, operation, sets.at()));
        }
    }

    private void follow(Operation operation, CodeType from) {
        for (Deed deed : operation.written()) {
            switch (deed) {
                case Deed.Calls calls when setters.containsKey(calls.callee()) -> {
                    int index = setters.get(calls.callee());
                    if (index < calls.arguments().size()) {
                        to(calls.arguments().get(index)).forEach(state -> add(from, state, operation, calls.at()));
                    }
                }
                case Deed.Sets sets when from != null && sets.field() == current ->
                    to(sets.value()).forEach(state -> add(from, state, operation, sets.at()));
                case Deed.Creates creates when setters.containsKey(creates.constructor()) -> {
                    int index = setters.get(creates.constructor());
                    if (index < creates.arguments().size()) {
                        to(creates.arguments().get(index))
                                .forEach(state -> add(from, state, creates.constructor(), creates.at()));
                    }
                }
                case Deed.Returns returns when asked.contains(operation) && returns.value() != null ->
                    to(returns.value()).forEach(state -> add(from, state, operation, returns.at()));
                default -> {
                    // nothing else puts a state in place
                }
            }
        }
    }

    /** Which of the states a value may be. */
    private List<CodeType> to(Flow value) {
        List<CodeType> all = new ArrayList<>();
        for (Origin origin : value.origins()) {
            CodeType type = switch (origin) {
                case Origin.Fresh(CodeType fresh) -> fresh;
                case Origin.OfField(Field field, boolean _) -> field.type().erased();
                case Origin.OfType(CodeType single) -> single;
                case Origin.Result(Operation callee, Origin _) -> callee == null ? null : callee.returns().erased();
                default -> null;
            };
            if (type != null && states.contains(type)) {
                all.add(type);
            }
        }
        return all;
    }

    private void add(CodeType from, CodeType to, Operation by, SourceSpan at) {
        boolean initial = from == null && by.kind() != Kind.OPERATION;
        if (from != to && found.stream()
                .noneMatch(old -> old.from() == from && old.to() == to && old.label().equals(by.name()))) {
            found.add(new Transition(from, to, initial, initial ? "" : by.name(), by, at));
        }
    }
}
