package dev.huella.core.molde.clause;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.Operators;
import dev.huella.core.model.Setting;
import java.util.ArrayList;
import java.util.List;

/** Looks through what one body shows of a value: own helpers that were called for it, containers it lay in. */
final class Origins {
    private static final int DEEPEST = 3;
    private static final int MOST_ANSWERS = 32;

    private Origins() {}

    /** All a value may come from, with the results of the receiver's own helpers, and of what its subtypes answer, replaced by what these return. */
    static List<Origin> of(Flow flow) {
        List<Origin> found = new ArrayList<>();
        flow.origins().forEach(origin -> expand(origin, found, 0));
        return found;
    }

    private static void expand(Origin origin, List<Origin> into, int depth) {
        switch (origin) {
            case Origin.Result(Operation callee, Origin receiver) when callee != null && own(receiver)
                    && callee.hasBody() && !callee.home().external() && depth < DEEPEST -> {
                int before = into.size();
                for (Flow flow : returned(callee)) {
                    for (Origin inner : flow.origins()) {
                        if (!(inner instanceof Origin.OfParameter)) {
                            expand(inner, into, depth + 1);
                        }
                    }
                }
                if (into.size() == before) {
                    into.add(origin);
                }
            }
            case Origin.Result(Operation asked, Origin.Self _) when asked != null && isPromised(asked)
                    && depth < DEEPEST -> {
                int before = into.size();
                asked.keptIn().forEach(field -> into.add(new Origin.OfField(field, true)));
                asked.overriders()
                        .stream()
                        .flatMap(answer -> returned(answer).stream())
                        .flatMap(flow -> flow.origins().stream())
                        .filter(inner -> whole(inner) != null)
                        .forEach(into::add);
                if (into.size() == before) {
                    into.add(origin);
                }
            }
            case Origin.ElementOf(Origin container) -> {
                List<Origin> inner = new ArrayList<>();
                expand(container, inner, depth + 1);
                inner.forEach(one -> into.add(new Origin.ElementOf(one)));
            }
            case Origin.CopyOf(Origin container, boolean detached) -> {
                List<Origin> inner = new ArrayList<>();
                expand(container, inner, depth + 1);
                inner.forEach(one -> into.add(new Origin.CopyOf(one, detached)));
            }
            default -> into.add(origin);
        }
    }

    /** A question that subtypes answer, each with what it keeps. */
    private static boolean isPromised(Operation asked) {
        return !asked.hasBody() && asked.parameters().isEmpty() && !asked.home().external()
                && asked.overriders().size() <= MOST_ANSWERS;
    }

    private static boolean own(Origin receiver) {
        return receiver == null || receiver instanceof Origin.Self || receiver instanceof Origin.OfType;
    }

    /** What the body's own returns hand out; returns of functions inside it are not its own. */
    static List<Flow> returned(Operation operation) {
        List<Flow> found = new ArrayList<>();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Returns(Flow value, Setting within, var _) && value != null
                    && operation.isOwn(within)) {
                found.add(value);
            }
        }
        return found;
    }

    /** The own field that a value is or lies in, through containers and copies; null when it is none. */
    static Field field(Origin origin) {
        return switch (origin) {
            case Origin.OfField(Field field, boolean own) -> own ? field : null;
            case Origin.ElementOf(Origin container) -> field(container);
            case Origin.CopyOf(Origin container, boolean _) -> field(container);
            default -> null;
        };
    }

    /** True when a copy lies between the value and the field, so that changes of the field do not touch it. */
    static boolean detached(Origin origin) {
        return switch (origin) {
            case Origin.ElementOf(Origin container) -> detached(container);
            case Origin.CopyOf(Origin container, boolean detached) -> detached || detached(container);
            default -> false;
        };
    }

    /** One of the constants of an enumeration. */
    static boolean isConstant(Origin origin) {
        return origin instanceof Origin.OfField(Field field, boolean _) && field.kind() == FieldDeclared.Kind.CONSTANT;
    }

    static boolean isElement(Origin origin) {
        return origin instanceof Origin.ElementOf;
    }

    /** The own field that is the value itself, copies aside; null when it is only an element of it. */
    static Field whole(Origin origin) {
        return isElement(origin) ? null : field(origin);
    }

    /** The parameter of this operation that a value is, or null. */
    static Origin.OfParameter parameter(Origin origin, Operation of) {
        return origin instanceof Origin.OfParameter parameter && parameter.operation() == of ? parameter : null;
    }

    /** The type of an object made here, or of a function given; null for anything else. */
    static CodeType made(Origin origin) {
        return switch (origin) {
            case Origin.Fresh(CodeType type) -> type;
            case Origin.OfType(CodeType type) -> Hierarchy.answersItself(type) ? type : null;
            case Origin.OfFunction(CodeType function) -> function;
            default -> null;
        };
    }

    /** True for what comes of reckoning: it is no copy of a field. */
    static boolean isWorkedOut(Flow flow) {
        return flow.origins().equals(List.of(Origin.UNKNOWN)) && flow.type().dimensions() == 0
                || flow.first() instanceof Origin.Result(Operation sign, var _) && sign != null
                        && Operators.isOne(sign);
    }
}
