package dev.huella.core.resolve;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.Setting.Kind;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.Conditions.Condition;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;

/** Resolves the steps of one body, in order. */
final class StepResolver {
    private final Body body;
    private final BodyResolver bodies;
    private final ValueResolver values;
    private final Conditions conditions;
    /** Values that the branches of a choice yield, innermost choice last; null entries are never kept. */
    private final List<List<Flow>> yielded = new ArrayList<>();

    StepResolver(Body body, BodyResolver bodies) {
        this.body = body;
        this.bodies = bodies;
        this.values = new ValueResolver(body, this);
        this.conditions = new Conditions(body, values);
    }

    ValueResolver values() {
        return values;
    }

    BodyResolver bodies() {
        return bodies;
    }

    void steps(List<Step> steps) {
        steps.forEach(this::step);
    }

    private void step(Step step) {
        switch (step) {
            case Step.Declare declare -> declare(declare);
            case Step.Do(Value.Computed both, var _) when ValueResolver.isBoth(both) ->
                choose(onlyIf(both, Step.Do::new));
            case Step.Do(Value value, var _) -> values.effect(value);
            case Step.Return back -> body.add(new Deed.Returns(handedBack(back.value()), body.setting, back.at()));
            case Step.ReturnOutwards(Value value, int functions, var at) ->
                body.add(new Deed.Returns(handedBack(value), outside(body.setting, functions), at));
            case Step.Yield yield -> yields(yield);
            case Step.Throw(Value value, var at) -> {
                CodeType error = values.flow(value).type().erased();
                body.add(new Deed.Throws(error == null ? named(value) : error, body.setting, at));
            }
            case Step.Leave(boolean whole, var at) -> body.add(new Deed.Leaves(whole, body.setting, at));
            case Step.Choose choose -> choose(choose);
            case Step.Loop loop -> loop(loop);
            case Step.Block block -> block(block);
            case Step.Local(var type, var _) -> bodies.bodies(type, body);
        }
    }

    /** The same place as seen from outside of so many functions: there it is reached or not, as a branch is. */
    private static Setting outside(Setting inside, int functions) {
        if (inside == null || functions == 0) {
            return inside;
        }
        boolean left = inside.kind() == Setting.Kind.FUNCTION;
        return new Setting(outside(inside.outer(), left ? functions - 1 : functions),
                left ? Setting.Kind.BRANCH : inside.kind(), inside.about(), inside.choice(), inside.branch());
    }

    private Flow handedBack(Value value) {
        Flow flow = given(value);
        BodyScope.Local local = value instanceof Value.Name name ? body.scope.find(name.name()) : null;
        return local == null || flow == null || !flow.origins().equals(local.flow().origins())
                ? flow
                : local.flow(body);
    }

    /** {@code a && a.go()}: the last is done when those before it hold. */
    private static Step.Choose onlyIf(Value.Computed both, BiFunction<Value, SourceSpan, Step> done) {
        List<Value> asked = both.parts().subList(0, both.parts().size() - 1);
        Value on = asked.size() == 1 ? asked.getFirst() : new Value.Computed(both.sign(), asked, both.at());
        Value yes = new Value.Literal(Value.Literal.Kind.TRUTH, "true", on.at());
        Value last = both.parts().getLast();
        return new Step.Choose(on, List.of(new Step.Branch(List.of(yes), List.of(done.apply(last, last.at())))), false,
                both.at());
    }

    /** What is given back; an empty list written in place counts as a constant. */
    private Flow given(Value value) {
        body.returned = value;
        Flow flow = value == null ? null : values.flow(value, body.resultType(), body.holder(value));
        return isEmptyList(value) && flow.first() == Origin.UNKNOWN
                ? Flow.of(new Origin.Constant("[]"), flow.type())
                : flow;
    }

    private boolean isEmptyList(Value value) {
        return switch (value) {
            case Value.ArrayOf array -> array.elements().isEmpty();
            case Value.Cast cast -> isEmptyList(cast.value());
            case Value.Call call -> call.receiver() == null && call.arguments().isEmpty()
                    && body.world.library.makesContainer(call.name());
            case null, default -> false;
        };
    }

    /** An error of the library, of which only the name is known; null when it has none. */
    private CodeType named(Value value) {
        String name = value instanceof Value.Call call && call.receiver() == null
                ? call.name()
                : value instanceof Value.Name one ? one.name() : null;
        return name == null || body.scope.find(name) != null ? null : body.world.index.outside(name);
    }

    private void declare(Step.Declare declare) {
        boolean open = declare.type() == null || declare.type().equals(TypeText.COPIED);
        TypeUse written = open ? TypeUse.UNKNOWN : body.use(declare.type(), Mention.Kind.LOCAL, declare.at());
        Flow first = declare.initial() == null
                ? new Flow(List.of(), written)
                : values.flow(declare.initial(), written, declare.name());
        if (declare.type() != null || body.world.library.rule(Rule.LISTS_ARE_VALUES)) {
            first = values.containers().inPlace(first, open ? first.type() : written);
        }
        body.scope.declare(declare.name(), first, written, new BodyScope.Block(body.setting,
                written.isUnknown() && body.world.library.rule(Rule.DYNAMIC)));
        body.scope.find(declare.name()).holds(declare.initial());
    }

    private void yields(Step.Yield yield) {
        Flow flow = yield.value() == null
                ? Flow.UNKNOWN
                : values.flow(yield.value(), body.yieldType(), "");
        if (yielded.isEmpty()) {
            body.add(new Deed.Yields(flow, body.setting, yield.at()));
        } else {
            yielded.getLast().add(flow);
        }
    }

    private void choose(Step.Choose choose) {
        if (Ladder.is(choose.on(), choose.branches())) {
            choose(Ladder.of(choose.branches(), choose.on()));
            return;
        }
        Condition condition = conditions.read(choose.on());
        branches(choose.branches(), condition, choose.complete(), choose.at());
    }

    /** The branches of a choice of values; what they yield is the result. */
    Flow either(Value.Either either, TypeUse expected) {
        if (Ladder.is(either.on(), either.branches())) {
            Step.Choose first = Ladder.of(either.branches(), either.on());
            return either(new Value.Either(first.on(), first.branches(), either.complete(), either.at()), expected);
        }
        Condition condition = conditions.read(either.on());
        return yielded(expected, () -> branches(either.branches(), condition, either.complete(), either.at()));
    }

    /** What conditions that must all hold give, where that is the last of them; they are no choice of what is done. */
    Flow last(Value.Computed both) {
        Step.Choose last = onlyIf(both, Step.Yield::new);
        Condition condition = conditions.read(last.on());
        return yielded(TypeUse.UNKNOWN, () -> branches(last.branches(), condition, body.nextChoice()));
    }

    /** What conditions of which one must hold give, where it is the last of them: it is asked when those before it do not hold. */
    Flow unless(Value.Computed any) {
        Step.Choose last = onlyIf(any, Step.Yield::new);
        Condition condition = conditions.read(last.on());
        Step.Branch asked = last.branches().getFirst();
        return yielded(TypeUse.UNKNOWN, () -> branches(List.of(new Step.Branch(asked.labels(), List.of()),
                new Step.Branch(List.of(), asked.steps())), condition, body.nextChoice()));
    }

    private Flow yielded(TypeUse expected, Runnable branches) {
        List<Flow> results = new ArrayList<>();
        yielded.add(results);
        TypeUse outer = body.expectYield(expected);
        branches.run();
        body.expectYield(outer);
        yielded.removeLast();
        List<Origin> origins = new ArrayList<>();
        TypeUse type = expected;
        for (Flow flow : results) {
            flow.origins().stream().filter(origin -> !origins.contains(origin)).forEach(origins::add);
            type = type.isUnknown() ? flow.type() : type;
        }
        return new Flow(origins, type);
    }

    /** A value, and what stands in for it when it is missing. */
    Flow fallback(Value.Fallback fallback, TypeUse expected, String holder) {
        Flow first = values.flow(fallback.value(), expected, holder);
        Conditions.noteAbsence(fallback, first, body);
        int choice = body.nextChoice();
        body.add(new Deed.Chooses(List.of(first), 2, true, choice, body.setting, fallback.at()));
        List<Origin> origins = new ArrayList<>(first.origins());
        List<TypeUse> other = new ArrayList<>(1);
        body.within(new Setting(body.setting, Kind.ABSENCE, List.of(first), choice, 1), () -> {
            if (fallback.other() instanceof Value.Computed(String sign, var parts, var at) && sign.equals("throw")) {
                Value error = parts.isEmpty() ? null : parts.getFirst();
                step(error == null ? new Step.Leave(true, at) : new Step.Throw(error, at));
                other.add(TypeUse.UNKNOWN);
                return;
            }
            Flow second = values.flow(fallback.other(), expected.isUnknown() ? first.type() : expected, holder);
            second.origins().stream().filter(origin -> !origins.contains(origin)).forEach(origins::add);
            other.add(second.type());
        });
        return new Flow(origins, first.type().isUnknown() ? other.getFirst() : first.type());
    }

    private void branches(List<Step.Branch> branches, Condition condition, boolean complete, SourceSpan at) {
        int choice = body.nextChoice();
        body.add(new Deed.Chooses(condition.about(), branches.size(), complete, choice, body.setting, at));
        branches(branches, condition, choice);
    }

    private void branches(List<Step.Branch> branches, Condition condition, int choice) {
        Setting outer = body.setting;
        for (int i = 0; i < branches.size(); i++) {
            Step.Branch branch = branches.get(i);
            Kind kind = branch.labels().isEmpty() ? opposite(condition.kind()) : condition.kind();
            var inner = new Setting(outer, kind, condition.about(), choice, i);
            body.within(inner, () -> {
                conditions.bind(condition);
                conditions.know(condition, !branch.labels().isEmpty());
                conditions.labels(branch.labels());
                steps(branch.steps());
            });
        }
        if (branches.size() == 1 && leaves(branches.getFirst())) {
            conditions.know(condition, false);
        }
        if (branches.size() == 1 && condition.kind() == Kind.BRANCH) {
            conditions.bind(condition); // "if (!(x instanceof T t)) return;" leaves t in sight
        }
    }

    private static boolean leaves(Step.Branch branch) {
        return !branch.labels().isEmpty() && !branch.steps().isEmpty()
                && (branch.steps().getLast() instanceof Step.Return || branch.steps().getLast() instanceof Step.Throw
                        || branch.steps().getLast() instanceof Step.Leave);
    }

    private static Kind opposite(Kind kind) {
        return switch (kind) {
            case PRESENCE -> Kind.ABSENCE;
            case ABSENCE -> Kind.PRESENCE;
            default -> Kind.REST;
        };
    }

    private void loop(Step.Loop loop) {
        if (loop.variable() == null) {
            Condition condition = loop.over() == null ? Condition.NONE : conditions.read(loop.over());
            var inner = new Setting(body.setting, Kind.WHILE, condition.about(), 0, 0);
            body.within(inner, () -> {
                conditions.bind(condition);
                conditions.know(condition, true);
                steps(loop.body());
            });
            return;
        }
        Flow over = values.containers().through(values.flow(loop.over()));
        body.add(new Deed.GoesThrough(over, body.setting, loop.at()));
        TypeUse written = loop.type() == null
                ? TypeUse.UNKNOWN
                : body.use(loop.type(), Mention.Kind.LOCAL, loop.at());
        Flow element = values.containers().element(over);
        TypeUse type = written.isUnknown() ? element.type() : written;
        var inner = new Setting(body.setting, Kind.EACH, List.of(over), 0, 0);
        body.within(inner, () -> {
            body.scope.declare(loop.variable(), element, type);
            steps(loop.body());
        });
    }

    private void block(Step.Block block) {
        Setting outer = body.setting;
        if (block.lock() != null) {
            Flow lock = values.flow(block.lock());
            body.within(new Setting(outer, Kind.LOCK, List.of(lock), 0, 0), () -> steps(block.steps()));
            return;
        }
        body.within(outer, () -> steps(block.steps()));
        if (!block.onError().isEmpty()) {
            body.within(new Setting(outer, Kind.ON_ERROR, List.of(), 0, 0), () -> steps(block.onError()));
        }
        body.within(outer, () -> steps(block.always()));
    }
}
