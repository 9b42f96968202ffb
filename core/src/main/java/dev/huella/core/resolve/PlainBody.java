package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Value;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * What the text of a body tells of what its callers get done, before any body is resolved.
 *
 * @param handsBack parameters by number, one of which every return gives, whatever else is done with them: checks that
 *     return what they checked, registrations that return what they noted; empty where anything else may be given
 * @param gives the member of its object that it gives while it does nothing else; null for all other operations
 * @param stepsThrough the member of its object whose elements it hands out while it does nothing else; null for all others
 * @param itself whether all it does is give its own object, perhaps taken for another kind
 * @param sets members of its object that it gives the value of a parameter, with the number of that
 */
record PlainBody(List<Integer> handsBack, String gives, String stepsThrough, boolean itself,
        Map<String, Integer> sets) {
    static final PlainBody NONE = new PlainBody(List.of(), null, null, false, Map.of());
    private static final PlainBody ITSELF = new PlainBody(List.of(), null, null, true, Map.of());

    /** What a body tells. {@code bare}: names without a receiver may mean members of the object. */
    static PlainBody of(OperationDeclared operation, boolean bare) {
        List<Step> steps = operation.body();
        if (steps == null || steps.isEmpty() || operation.kind() != OperationDeclared.Kind.OPERATION) {
            return NONE;
        }
        if (steps.size() == 1 && steps.getFirst() instanceof Step.Return back && isItself(back.value())) {
            return ITSELF;
        }
        var search = new Search(operation.parameters().stream().map(ParameterDeclared::name).toList(), bare);
        String through = steps.size() == 1 ? search.through(steps.getFirst()) : null;
        if (through != null) {
            String member = steps.getFirst() instanceof Step.Return back ? search.member(back.value()) : null;
            return new PlainBody(List.of(), member, through, false, Map.of());
        }
        if (operation.parameters().isEmpty()) {
            return NONE;
        }
        search.steps(steps);
        List<Integer> back = search.other ? List.of() : List.copyOf(search.found);
        return back.isEmpty() && search.sets.isEmpty() ? NONE : new PlainBody(back, null, null, false, search.sets);
    }

    private static boolean isItself(Value value) {
        return switch (value) {
            case Value.Cast cast -> isItself(cast.value());
            case Value.Self self -> self.outer() == null;
            case null, default -> false;
        };
    }

    /** Goes through the steps in order; parameters that are given another value are forgotten. */
    private static final class Search {
        private final List<String> names;
        private final boolean bare;
        private final Set<String> locals;
        private final SortedSet<Integer> found = new TreeSet<>();
        private final Map<String, Integer> sets = new LinkedHashMap<>();
        private boolean other;

        Search(List<String> parameters, boolean bare) {
            this.names = new ArrayList<>(parameters);
            this.bare = bare;
            this.locals = new HashSet<>(parameters);
        }

        /** The name of a member of the object itself; null for anything else. */
        private String member(Value value) {
            return switch (value) {
                case Value.Name name when bare && !locals.contains(name.name()) -> name.name();
                case Value.Member(Value.Self self, String name, var _) when self.outer() == null
                        || self.outer().equals(Value.Self.INSIDE) ->
                    name;
                case null, default -> null;
            };
        }

        /** The member that a body of one step starts from: what it gives, or hands out one by one. */
        String through(Step only) {
            return switch (only) {
                case Step.Return back -> start(back.value());
                case Step.Do does when !names.isEmpty() -> start(does.value());
                case Step.Loop loop when loop.body().size() == 1
                        && loop.body().getFirst() instanceof Step.Yield(Value.Name one, var _)
                        && one.name().equals(loop.variable()) ->
                    start(loop.over());
                default -> null;
            };
        }

        /** Nothing is asked for, or what was handed is handed on. */
        private boolean isHandedOn(List<Value> arguments) {
            return arguments.isEmpty() || arguments.size() == 1 && names.size() == 1
                    && arguments.getFirst() instanceof Value.Name name && names.contains(name.name());
        }

        private String start(Value value) {
            String member = member(value);
            return member != null ? member : switch (value) {
                case Value.Call(Value on, String name, var given, var _) when given.isEmpty()
                        && (on == null ? bare : on instanceof Value.Self) ->
                    name;
                case Value.Call call when call.receiver() != null && isHandedOn(call.arguments()) ->
                    start(call.receiver());
                case Value.Call call when call.receiver() == null && call.arguments().size() == 1 ->
                    start(call.arguments().getFirst());
                case Value.Create create when create.arguments().size() == 1 -> start(create.arguments().getFirst());
                case Value.Member of -> start(of.of());
                case Value.Element element -> start(element.of());
                case null, default -> null;
            };
        }

        void steps(List<Step> steps) {
            for (Step step : steps) {
                switch (step) {
                    case Step.Return back -> back(back.value());
                    case Step.Yield _, Step.ReturnOutwards _ -> other = true;
                    case Step.Declare declared -> {
                        taken(declared.name());
                        locals.add(declared.name());
                    }
                    case Step.Do does when does.value() instanceof Value.Assign assign -> assigned(assign);
                    case Step.Choose choose -> choose.branches().forEach(branch -> steps(branch.steps()));
                    case Step.Loop loop -> {
                        taken(loop.variable());
                        locals.add(loop.variable());
                        steps(loop.body());
                    }
                    case Step.Block block -> {
                        steps(block.steps());
                        steps(block.onError());
                        steps(block.always());
                    }
                    case Step.Do _, Step.Throw _, Step.Leave _, Step.Local _ -> {
                        // nothing is given or set
                    }
                }
            }
        }

        private void assigned(Value.Assign assign) {
            String member = member(assign.target());
            int from = assign.value() instanceof Value.Name name ? names.indexOf(name.name()) : -1;
            if (member != null && from >= 0 && assign.plain()) {
                sets.put(member, from);
            } else if (assign.target() instanceof Value.Name name) {
                taken(name.name());
            }
        }

        /** From here on the name may stand for something else. */
        private void taken(String name) {
            int at = names.indexOf(name);
            if (at >= 0) {
                names.set(at, null);
            }
        }

        private void back(Value value) {
            switch (value) {
                case Value.Cast cast -> back(cast.value());
                case Value.Name name when names.contains(name.name()) -> found.add(names.indexOf(name.name()));
                case Value.Assign assign -> {
                    assigned(assign); // where the last value is the result
                    other = true;
                }
                case null, default -> other = true;
            }
        }
    }
}
