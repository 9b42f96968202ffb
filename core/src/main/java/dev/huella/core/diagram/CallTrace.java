package dev.huella.core.diagram;

import dev.huella.core.diagram.CallSequence.Fragment;
import dev.huella.core.diagram.CallSequence.Lifeline;
import dev.huella.core.diagram.CallSequence.Message;
import dev.huella.core.diagram.CallSequence.Operand;
import dev.huella.core.diagram.CallSequence.Step;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Follows the calls of an operation through the code, as far as they can be told without running it: whom it calls in
 * which order, under which conditions, and who may answer where there are several.
 */
public final class CallTrace {
    public static final int USUAL_DEPTH = 3;
    private static final int MOST_OF_A_FIND = 40;
    private static final int MOST_STEPS = 70;
    private static final int MOST_ANSWERS = 4;
    private final Function<SourceSpan, String> lines;
    /** Only what happens among these is shown; null for no such limit. */
    private final Set<CodeType> among;
    private final Map<String, Integer> numbers = new LinkedHashMap<>();
    private final List<Lifeline> lifelines = new ArrayList<>();
    private final Deque<Operation> running = new ArrayDeque<>();
    private int steps;
    private boolean cut;

    private CallTrace(Function<SourceSpan, String> lines, Set<CodeType> among) {
        this.lines = lines;
        this.among = among;
    }

    /** Who runs a body, and which lifelines it was given as arguments; -1 for what is none. */
    private record Frame(Operation operation, int self, List<Integer> arguments) {}

    /**
     * The calls that follow from one of an operation.
     *
     * @param depth how many calls inside each other are followed
     * @param lines the text of the line that a place begins at, or null; for quoting conditions
     */
    public static CallSequence of(Operation operation, int depth, Function<SourceSpan, String> lines) {
        return of(operation, depth, lines, null);
    }

    /** A find at work: what its players ask of each other, from {@link #startOf} on; null when there is no start. */
    public static CallSequence of(PatternInstance instance, int depth, Function<SourceSpan, String> lines) {
        Operation start = startOf(instance);
        return start == null ? null : of(start, depth, lines, players(instance));
    }

    private static Set<CodeType> players(PatternInstance instance) {
        Set<CodeType> players = new HashSet<>();
        instance.players()
                .values()
                .stream()
                .flatMap(List::stream)
                .forEach(player -> players.add(player.element().home()));
        return players;
    }

    private static CallSequence of(Operation operation, int depth, Function<SourceSpan, String> lines,
            Set<CodeType> among) {
        var trace = new CallTrace(lines, among);
        int first = trace.lifeline("start", "", operation.home(), operation.isConstructor());
        List<Step> inside = trace.body(new Frame(operation, first, List.of()), depth);
        var start = new Message(operation.isConstructor(), -1, first, call(operation, operation.name()), "", operation,
                operation.place(), inside);
        return new CallSequence("%s.%s".formatted(operation.home().name(), operation.name()), trace.lifelines, start,
                trace.cut);
    }

    /**
     * Where to begin to see a find at work: of the operations that play in it and those of its players, the one whose
     * calls run through most of its operations and types; null when there is none.
     */
    public static Operation startOf(PatternInstance instance) {
        Set<CodeType> players = players(instance);
        List<Operation> candidates = new ArrayList<>();
        instance.players().values().stream().flatMap(List::stream).forEach(player -> {
            if (player.element() instanceof Operation operation) {
                candidates.add(operation);
            }
        });
        for (CodeType player : List.copyOf(players)) {
            player.operations().stream().filter(one -> one.kind() == Kind.OPERATION).forEach(candidates::add);
        }
        Set<Element> parts = new HashSet<>(players);
        instance.players().values().stream().flatMap(List::stream).forEach(player -> parts.add(player.element()));
        return candidates.stream()
                .filter(operation -> operation.hasBody() && operation.place() != null)
                .distinct()
                .max(Comparator.comparingInt((Operation operation) -> reached(operation, players, parts)))
                .filter(operation -> reached(operation, players, parts) > 0)
                .orElse(null);
    }

    private static int reached(Operation operation, Set<CodeType> players, Set<Element> parts) {
        CallSequence sequence = of(operation, 3, place -> null, players);
        Set<Element> called = new HashSet<>();
        called(List.of(sequence.start()), called);
        int types = (int) sequence.lifelines().stream().map(Lifeline::type).filter(parts::contains).distinct().count();
        called.retainAll(parts);
        return called.isEmpty() || types + called.size() < 2
                ? 0
                : called.size() * 8 + types * 4 + 20 - Math.min(20, sequence.lifelines().size());
    }

    private static void called(List<Step> steps, Set<Element> into) {
        for (Step step : steps) {
            switch (step) {
                case Message message -> {
                    if (!message.creates()) {
                        into.add(message.element());
                    }
                    called(message.inside(), into);
                }
                case Fragment fragment -> fragment.operands().forEach(operand -> called(operand.steps(), into));
            }
        }
    }

    private static String call(Operation operation, String name) {
        return name + "(" + String.join(", ", operation.parameters().stream().map(Operation.Parameter::name).toList())
                + ")";
    }

    private List<Step> body(Frame frame, int depth) {
        if (depth <= 0 || running.contains(frame.operation)) {
            return List.of();
        }
        running.push(frame.operation);
        var guards = new Guards(frame.operation, lines);
        var tree = new StepTree(guards::of, frame.operation.depth());
        for (Deed deed : frame.operation.written()) {
            if (steps >= (among == null ? MOST_STEPS : MOST_OF_A_FIND)) {
                cut = true;
                break;
            }
            Message message = switch (deed) {
                case Deed.Calls calls -> message(calls, frame, depth);
                case Deed.Creates creates -> message(creates, frame, depth);
                case Deed.Sets sets when sets.own() -> keep(sets, frame);
                default -> null;
            };
            if (message != null) {
                tree.add(message, deed.within());
            }
        }
        running.pop();
        return tree.steps();
    }

    /** What is put into a field is called on through it later. */
    private Message keep(Deed.Sets sets, Frame frame) {
        int known = known(sets.value(), frame);
        if (known >= 0) {
            numbers.putIfAbsent(key(frame, sets.field().name()), known);
        }
        return null;
    }

    private Message message(Deed.Creates creates, Frame frame, int depth) {
        CodeType type = creates.type();
        if (type == null || type.external() || type.kind() == TypeKind.FUNCTION || type.anonymous()
                || !shown(type)) {
            return null;
        }
        steps++;
        int to = lifeline(key(frame, "new " + type.qualifiedName()), "", type, true);
        Operation constructor = creates.constructor();
        List<Step> inside = constructor == null || !constructor.hasBody()
                ? List.of()
                : body(new Frame(constructor, to, arguments(creates.arguments(), frame)), depth - 1);
        return new Message(true, frame.self, to, "new", "", type, creates.at(), inside);
    }

    private Message message(Deed.Calls calls, Frame frame, int depth) {
        Operation callee = calls.callee();
        if (callee == null || callee.home().external() || callee.kind() != Kind.OPERATION
                || callee.home().kind() == TypeKind.FUNCTION || !shown(callee.home()) && !shown(typeOf(calls))) {
            return null;
        }
        steps++;
        int before = lifelines.size();
        int to = receiver(calls, frame);
        List<Operation> answers = answers(callee, lifelines.get(to).type());
        possible(to, answers);
        List<Integer> given = arguments(calls.arguments(), frame);
        List<Step> inside = answers.size() == 1
                ? body(new Frame(answers.getFirst(), to, given), depth - 1)
                : alternatives(answers, to, given, depth - 1);
        if (among != null && to == frame.self && inside.isEmpty() && lifelines.size() == before
                && !callee.isAbstract() && callee.overriders().isEmpty()) {
            return null; // what one does alone is no part of how they work together
        }
        boolean gives = calls.used() && !callee.returns().isVoid() && !callee.returns().text().isEmpty();
        return new Message(false, frame.self, to, call(callee, callee.name()), gives ? callee.returns().text() : "",
                callee, calls.at(), inside);
    }

    private boolean shown(CodeType type) {
        return among == null || type != null && among.contains(type);
    }

    private static CodeType typeOf(Deed.Calls calls) {
        return calls.receiver() == null ? null : calls.receiver().type().erased();
    }

    /** Operations with a body that may run when this one is called on something of a type. */
    private static List<Operation> answers(Operation callee, CodeType type) {
        List<Operation> own = type.operations().stream().filter(one -> one.overridden().contains(callee)).toList();
        Operation known = own.isEmpty() ? callee : own.getFirst();
        return Stream.concat(Stream.of(known), known.overriders().stream())
                .filter(one -> one.hasBody() && one.place() != null)
                .distinct()
                .toList();
    }

    private void possible(int lifeline, List<Operation> answers) {
        Lifeline old = lifelines.get(lifeline);
        if (answers.size() > 1 && old.possible().isEmpty() && !old.made()) {
            lifelines.set(lifeline, new Lifeline(old.name(), old.type(),
                    answers.stream().map(CallTrace::answerer).distinct().toList(), false));
        }
    }

    private static String answerer(Operation answer) {
        CodeType home = answer.home();
        return home.kind() == TypeKind.FUNCTION && home.outer() != null
                ? "function in " + home.outer().named().name()
                : home.named().name();
    }

    private List<Step> alternatives(List<Operation> answers, int to, List<Integer> given, int depth) {
        if (answers.size() > MOST_ANSWERS) {
            return List.of();
        }
        List<Operand> operands = new ArrayList<>();
        for (Operation answer : answers) {
            if (!shown(answer.home())) {
                continue;
            }
            List<Step> inside = body(new Frame(answer, to, given), depth);
            if (!inside.isEmpty()) {
                operands.add(new Operand("it is a " + answerer(answer), inside));
            }
        }
        return operands.isEmpty() ? List.of() : List.of(new Fragment(operands.size() > 1 ? "alt" : "opt", operands));
    }

    private List<Integer> arguments(List<Flow> flows, Frame frame) {
        return flows.stream().map(flow -> known(flow, frame)).toList();
    }

    /** The lifeline of a value that takes part already; -1 otherwise. */
    private int known(Flow flow, Frame frame) {
        return switch (flow.first()) {
            case Origin.Self _ -> frame.self;
            case Origin.OfParameter(Operation of, int index) when of == frame.operation
                    && index < frame.arguments.size() && frame.arguments.get(index) >= 0 ->
                frame.arguments.get(index);
            case Origin.OfParameter _ -> numbers.getOrDefault(frame.operation + " " + Guards.text(flow), -1);
            case Origin.Fresh(CodeType type) when type != null ->
                numbers.getOrDefault(key(frame, "new " + type.qualifiedName()), -1);
            case Origin.OfField _ -> numbers.getOrDefault(key(frame, Guards.text(flow)), -1);
            default -> -1;
        };
    }

    private int receiver(Deed.Calls calls, Frame frame) {
        Operation callee = calls.callee();
        Flow flow = calls.receiver();
        if (callee.isStatic()) {
            return frame.operation.home() == callee.home() && frame.operation.isStatic()
                    ? frame.self
                    : lifeline("type " + callee.home().qualifiedName(), "", callee.home(), false);
        }
        if (flow == null) {
            return frame.self;
        }
        int known = known(flow, frame);
        if (known >= 0) {
            return known;
        }
        CodeType type = flow.type().erased() == null || flow.type().erased().external()
                ? callee.home()
                : flow.type().erased();
        String name = Guards.text(flow);
        if (name.endsWith("()")) {
            return lifeline("result " + name + type.qualifiedName(), "", type, false);
        }
        boolean ofOther = flow.first() instanceof Origin.OfParameter;
        return lifeline(
                ofOther ? frame.operation + " " + name : key(frame, name.isEmpty() ? type.qualifiedName() : name),
                name, type, false);
    }

    private static String key(Frame frame, String name) {
        return "%d %s %s".formatted(frame.self, frame.operation.home().qualifiedName(), name);
    }

    private int lifeline(String key, String name, CodeType type, boolean made) {
        return numbers.computeIfAbsent(key, unknown -> {
            lifelines.add(new Lifeline(name, type, List.of(), made));
            return lifelines.size() - 1;
        });
    }

    /** True when an element is worth a diagram of its calls. */
    public static boolean worth(Element element) {
        return element instanceof Operation operation && operation.hasBody() && operation.place() != null
                && operation.written().stream().anyMatch(CallTrace::visible);
    }

    private static boolean visible(Deed deed) {
        return switch (deed) {
            case Deed.Calls calls -> calls.callee() != null && !calls.callee().home().external();
            case Deed.Creates creates -> creates.type() != null && !creates.type().external();
            default -> false;
        };
    }
}
