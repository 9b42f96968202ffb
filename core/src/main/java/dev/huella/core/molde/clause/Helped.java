package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;

/**
 * Calls with those that a helper makes for its caller: what a body hands to an operation of its own object, or to one
 * that needs no object, and what that then calls on it.
 */
final class Helped {
    private Helped() {}

    private record ByHelper(List<Operation> operations, List<Deed.Calls> calls) {
        static ByHelper of(Model model) {
            var all = new ByHelper(new ArrayList<>(), new ArrayList<>());
            Map<Operation, List<Deed.Calls>> known = new HashMap<>();
            Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
                if (isHelper(calls) && calls.arguments()
                        .stream()
                        .anyMatch(one -> isKept(one) || one.anyOf(Origin.OfFunction.class))) {
                    for (Deed.Calls inner : known.computeIfAbsent(calls.callee(), ByHelper::onInput)) {
                        all.add(operation, calls, inner);
                        all.apply(operation, calls, inner);
                    }
                }
            });
            return all;
        }

        private static boolean isKept(Flow flow) {
            return flow.any(origin -> Origins.field(origin) != null);
        }

        private static List<Deed.Calls> onInput(Operation helper) {
            List<Deed.Calls> found = new ArrayList<>();
            for (Deed deed : helper.deeds()) {
                if (deed instanceof Deed.Calls calls
                        && calls.receiver().any(origin -> parameter(origin, helper) >= 0)) {
                    found.add(calls);
                }
            }
            return found;
        }

        private void add(Operation operation, Deed.Calls outer, Deed.Calls inner) {
            Flow receiver = given(inner.receiver(), outer);
            if (isKept(receiver)) {
                add(operation, inner, inner.used() && (outer.used() || !isAnswer(inner, outer.callee())), receiver,
                        inner.arguments().stream().map(argument -> given(argument, outer)).toList(),
                        isAgain(inner) ? inner.within() : outer.within(), outer.at());
            }
        }

        /** The helper is handed a function, and calls it with what is kept. */
        private void apply(Operation operation, Deed.Calls outer, Deed.Calls applying) {
            for (Origin handed : given(applying.receiver(), outer).origins()) {
                if (handed instanceof Origin.OfFunction(CodeType function) && !function.operations().isEmpty()
                        && function.operations().getFirst().hasBody()) {
                    Operation body = function.operations().getFirst();
                    var with = new Deed.Calls(body, body.name(), applying.receiver(),
                            applying.arguments().stream().map(argument -> given(argument, outer)).toList(), false,
                            applying.within(), applying.at());
                    for (Deed.Calls inner : onInput(body)) {
                        Flow receiver = given(inner.receiver(), with);
                        if (isKept(receiver)) {
                            add(operation, inner, inner.used() && (applying.used() || !isAnswer(inner, body)), receiver,
                                    inner.arguments().stream().map(argument -> given(argument, with)).toList(),
                                    isAgain(applying) ? applying.within() : outer.within(), inner.at());
                        }
                    }
                }
            }
        }

        private void add(Operation operation, Deed.Calls inner, boolean used, Flow receiver, List<Flow> arguments,
                Setting within, SourceSpan at) {
            operations.add(operation);
            calls.add(new Deed.Calls(inner.callee(), inner.name(), receiver, arguments, used, within, at));
        }

        /** The body gives back what the call gives. */
        private static boolean isAnswer(Deed.Calls calls, Operation body) {
            return body.deeds()
                    .stream()
                    .anyMatch(deed -> deed instanceof Deed.Returns returns && returns.value() != null
                            && LastAnswers.isAnswer(returns.value(), calls));
        }

        private static boolean isAgain(Deed.Calls calls) {
            return Setting.inside(calls.within(), Setting.Kind.EACH)
                    || Setting.inside(calls.within(), Setting.Kind.WHILE)
                    || Setting.inside(calls.within(), Setting.Kind.FUNCTION);
        }
    }

    /** All calls of known operations, each with the operation that makes it, itself or through a helper. */
    static void calls(Model model, BiConsumer<Operation, Deed.Calls> each) {
        Deeds.each(model, Deed.Calls.class, each);
        ByHelper helped = model.derived(ByHelper.class, ByHelper::of);
        for (int i = 0; i < helped.calls.size(); i++) {
            each.accept(helped.operations.get(i), helped.calls.get(i));
        }
    }

    /** A call of an operation of its own object, in the only form it has, or of one that needs no object. */
    static boolean isHelper(Deed.Calls calls) {
        Operation callee = calls.callee();
        return callee != null && callee.hasBody() && !callee.home().external() && !callee.isConstructor()
                && (callee.isStatic() || callee.overriders().isEmpty() && calls.receiver().anyOf(Origin.Self.class));
    }

    /** The number of the helper's parameter that a value is or lies in; -1 when it is another value. */
    private static int parameter(Origin origin, Operation helper) {
        return switch (origin) {
            case Origin.OfParameter(Operation of, int index) when of == helper -> index;
            case Origin.ElementOf(Origin container) -> parameter(container, helper);
            case Origin.CopyOf(Origin container, boolean _) -> parameter(container, helper);
            default -> -1;
        };
    }

    /** A value of the helper's body, with what its caller handed over in the place of its parameters. */
    private static Flow given(Flow flow, Deed.Calls outer) {
        List<Origin> origins = new ArrayList<>();
        flow.origins().forEach(origin -> {
            int at = parameter(origin, outer.callee());
            if (at < 0 || at >= outer.arguments().size()) {
                origins.add(origin);
            } else {
                Origins.of(outer.arguments().get(at)).forEach(handed -> origins.add(inPlace(origin, handed)));
            }
        });
        return new Flow(origins, flow.type());
    }

    private static Origin inPlace(Origin origin, Origin handed) {
        return switch (origin) {
            case Origin.ElementOf(Origin container) -> new Origin.ElementOf(inPlace(container, handed));
            case Origin.CopyOf(Origin container, boolean detached) ->
                new Origin.CopyOf(inPlace(container, handed), detached);
            default -> handed;
        };
    }
}
