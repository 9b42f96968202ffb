package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.source.SourceSpan;
import java.util.HashMap;
import java.util.HashSet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a type holds and makes behind its own front, and what it keeps in pools. */
final class Fronts {
    private Fronts() {}

    /** Told of two types and a place that ties them. */
    @FunctionalInterface
    interface Pairs {
        void pair(CodeType one, CodeType other, SourceSpan at);
    }

    static void parts(Model model, Pairs to) {
        for (CodeType type : model.types()) {
            partsOf(type).forEach((part, at) -> to.pair(type, part, at));
        }
    }

    private static Map<CodeType, SourceSpan> partsOf(CodeType type) {
        Map<CodeType, SourceSpan> parts = new LinkedHashMap<>();
        for (Field field : type.fields()) {
            CodeType held = field.held().type().erased();
            if (held != null && field.held().many() != Multiplicity.MANY && held != type) {
                parts.putIfAbsent(held, field.place());
            }
        }
        for (Operation operation : type.operations()) {
            for (Deed deed : operation.deeds()) {
                if (deed instanceof Deed.Calls calls && calls.receiver().first() instanceof Origin.Fresh(CodeType made)
                        && made != type && calls.callee() != null) {
                    parts.putIfAbsent(made, calls.at());
                } else if (deed instanceof Deed.Calls calls && calls.callee() != null
                        && underAName(calls.receiver()) instanceof CodeType part && part != type) {
                    parts.putIfAbsent(part, calls.at());
                } else if (type.kind() == TypeKind.FUNCTION && deed instanceof Deed.Calls calls
                        && isCaught(calls, operation)) {
                    parts.putIfAbsent(calls.callee().home(), calls.at());
                }
            }
        }
        return parts;
    }

    /** What a function calls that it was not handed stands around it. */
    private static boolean isCaught(Deed.Calls calls, Operation operation) {
        return calls.callee() != null && calls.callee().kind() == Kind.OPERATION && !calls.callee().home().external()
                && !calls.callee().isStatic() && calls.receiver()
                        .any(origin -> origin instanceof Origin.OfField
                                || Surroundings.isAround(operation.home(), origin)
                                || origin instanceof Origin.OfParameter(Operation of, int _) && of != operation);
    }

    /** A call of an object that the own object holds or makes, in the body in which it stands. */
    private record Work(CodeType type, Operation in, Deed.Calls calls) {
        /** True when one of them is only done where the other is not, and not again and again. */
        boolean isInsteadOf(Work other) {
            for (Setting at = calls.within(); at != null && in == other.in; at = at.outer()) {
                for (Setting from = other.calls.within(); from != null; from = from.outer()) {
                    if (isChoice(at) && isChoice(from) && at.choice() == from.choice() && at.branch() != from.branch()
                            && !isAgain(at)) {
                        return true;
                    }
                }
            }
            return false;
        }

        private static boolean isAgain(Setting setting) {
            return Setting.inside(setting, Setting.Kind.EACH) || Setting.inside(setting, Setting.Kind.WHILE);
        }

        private static boolean isChoice(Setting setting) {
            return setting.kind() == Setting.Kind.BRANCH || setting.kind() == Setting.Kind.REST;
        }
    }

    /** Types of the sources whose objects, held or made by its own object, the operation calls. */
    static Map<CodeType, SourceSpan> working(Operation operation) {
        return firstOfEach(works(operation));
    }

    private static Map<CodeType, SourceSpan> firstOfEach(List<Work> works) {
        Map<CodeType, SourceSpan> first = new LinkedHashMap<>();
        works.forEach(work -> first.putIfAbsent(work.type, work.calls.at()));
        return first;
    }

    /** The same where two or more of them may work in one run of the operation; else empty. */
    static Map<CodeType, SourceSpan> workingTogether(Operation operation) {
        List<Work> works = works(operation);
        Map<CodeType, SourceSpan> working = firstOfEach(works);
        boolean together = working.size() > 1 && works.stream()
                .anyMatch(one -> works.stream().anyMatch(other -> other.type != one.type && !one.isInsteadOf(other)));
        return together ? working : Map.of();
    }

    private static List<Work> works(Operation operation) {
        List<Work> works = new ArrayList<>();
        if (operation.kind() != Kind.OPERATION) {
            return works;
        }
        for (Operation reached : operation.reached()) {
            for (Deed deed : reached.deeds()) {
                if (deed instanceof Deed.Calls calls && calls.callee() != null
                        && calls.callee().kind() == Kind.OPERATION && !calls.callee().home().external()) {
                    boolean inPlace = operation.home().kind() == TypeKind.FUNCTION
                            || operation.home().within() != null && !calls.callee().home().isAbstract();
                    boolean around = calls.receiver().any(origin -> Surroundings.isAround(operation.home(), origin));
                    CodeType type = around || inPlace && isCaught(calls, reached)
                            ? calls.callee().home()
                            : held(calls.receiver());
                    if (type != null && !type.external() && type != operation.home()
                            && !Bodies.onlyReports(calls.callee())) {
                        works.add(new Work(type, reached, calls));
                    }
                }
            }
        }
        return works;
    }

    private static CodeType held(Flow receiver) {
        for (Origin origin : receiver.origins()) {
            if (origin instanceof Origin.Fresh(CodeType made)) {
                return made;
            }
            Field field = Origins.whole(origin);
            if (field != null && field.held().many() != Multiplicity.MANY) {
                return field.held().type().erased();
            }
        }
        return underAName(receiver);
    }

    /** One of several unlike objects that lie in one field, each under its own name; null for anything else. */
    private static CodeType underAName(Flow receiver) {
        CodeType named = receiver.type().dimensions() > 0 ? null : receiver.type().erased();
        return receiver.first() instanceof Origin.ElementOf(Origin.OfField(Field field, boolean own)) && own
                && field.held().many() == Multiplicity.MANY && field.held().type().type() instanceof CodeType common
                && UnlikeOnes.kept(common).contains(named) ? named : null;
    }

    /** Told of each client that calls a front and names none of its parts. */
    static void spared(Model model, Pairs to) {
        Map<CodeType, Set<CodeType>> parts = new HashMap<>();
        Map<CodeType, Set<CodeType>> named = new HashMap<>();
        Map<Operation, Set<CodeType>> kindsMade = new HashMap<>();
        Set<Long> seen = new HashSet<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            CodeType client = operation.home().outermost();
            CodeType front = calls.callee() == null ? null : answering(calls.callee()).home();
            long pair = front == null ? 0 : (long) client.id() << 32 | front.id();
            if (front != null && !front.external() && front.outermost() != client && !seen.contains(pair)) {
                Set<CodeType> behind = parts.computeIfAbsent(front,
                        Fronts::ownParts);
                boolean function = client.kind() == TypeKind.MODULE && operation.kind() == Kind.OPERATION;
                Set<CodeType> seenByClient = function
                        ? usedIn(operation)
                        : named.computeIfAbsent(client, Fronts::named);
                if (behind.size() < 2 || behind.stream().anyMatch(seenByClient::contains)) {
                    if (!function) { // other functions of its file may know less
                        seen.add(pair);
                    }
                } else if (kindsMade.computeIfAbsent(operation, Fronts::kindsMade)
                        .stream()
                        .noneMatch(behind::contains)) {
                    seen.add(pair);
                    to.pair(client, front, calls.at());
                }
            }
        });
    }

    /** Where only one thing answers what is promised, that is what is called. */
    private static Operation answering(Operation called) {
        return !called.hasBody() && called.overriders().size() == 1 ? called.overriders().getFirst() : called;
    }

    /** Who makes one of a kind to hand it over knows the kind. */
    private static Set<CodeType> kindsMade(Operation operation) {
        Set<CodeType> kinds = new HashSet<>();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Creates creates) {
                kinds.addAll(Hierarchy.above(creates.type()));
            }
        }
        return kinds;
    }

    /** Everybody may name what comes from a library. */
    private static Set<CodeType> ownParts(CodeType front) {
        Set<CodeType> parts = new LinkedHashSet<>(partsOf(front).keySet());
        parts.removeIf(CodeType::external);
        return parts;
    }

    /** What a function makes, calls and takes. */
    private static Set<CodeType> usedIn(Operation function) {
        Set<CodeType> used = new HashSet<>();
        function.parameters()
                .stream()
                .filter(parameter -> !parameter.inferred())
                .forEach(parameter -> used.add(parameter.type().erased()));
        for (Deed deed : function.deeds()) {
            switch (deed) {
                case Deed.Creates creates -> used.add(creates.type());
                case Deed.Calls calls when calls.callee() != null -> used.add(calls.callee().home());
                default -> {
                    // nothing else names types
                }
            }
        }
        return used;
    }

    private static Set<CodeType> named(CodeType client) {
        Set<CodeType> named = new HashSet<>();
        for (Mention mention : client.mentions()) {
            named.add(mention.to());
        }
        client.nested().forEach(inner -> named.addAll(named(inner)));
        return named;
    }

    /** Fields of which one element is returned, in operations that are handed something. */
    static Map<Field, SourceSpan> pooled(Operation operation) {
        Map<Field, SourceSpan> found = new LinkedHashMap<>();
        if (operation.parameters().isEmpty()) {
            return found;
        }
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Returns(Flow value, Setting within, SourceSpan at) && value != null
                    && operation.isOwn(within)) {
                for (Origin origin : Origins.of(value)) {
                    Field field = Origins.isElement(origin) ? Origins.field(origin) : null;
                    if (field != null) {
                        found.putIfAbsent(field, at);
                    }
                }
            }
        }
        return found;
    }

    /** Told of each object that is made and kept because it was missing. */
    @FunctionalInterface
    interface Refills {
        void refilled(Operation operation, Field field, CodeType made, SourceSpan at);
    }

    static void refills(Model model, Refills to) {
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (change == Kept.Change.ADD && operation.kind() == Kind.OPERATION) {
                for (Origin origin : Origins.of(value)) {
                    switch (origin) {
                        case Origin.Fresh(CodeType made) -> to.refilled(operation, field, made, at);
                        case Origin.OfFunction(CodeType function) -> function.operations()
                                .forEach(body -> Creation.fresh(body)
                                        .keySet()
                                        .forEach(made -> to.refilled(operation, field, made, at)));
                        case Origin.Unknown _ -> inPlace(operation, field)
                                .forEach(made -> to.refilled(operation, field, made, at));
                        default -> {
                            // kept from elsewhere
                        }
                    }
                }
            }
        });
    }

    /** What functions written inside an operation make that the field may keep. */
    private static Set<CodeType> inPlace(Operation operation, Field field) {
        Set<CodeType> made = new LinkedHashSet<>();
        CodeType held = field.held().type().erased();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Returns returns && returns.value() != null
                    && !operation.isOwn(returns.within())) {
                for (Origin origin : returns.value().origins()) {
                    if (origin instanceof Origin.Fresh(CodeType type)
                            && Hierarchy.isA(type, held)) {
                        made.add(type);
                    }
                }
            }
        }
        return made;
    }

    /** True when a constructor is handed something that no look into the pool is. */
    static boolean moreThanKey(Operation operation, Field pool, CodeType made) {
        Set<Integer> key = new HashSet<>();
        Set<Integer> given = new HashSet<>();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls
                    && calls.receiver().any(origin -> Origins.field(origin) == pool)) {
                calls.arguments().forEach(argument -> parameters(argument, operation, key));
            } else if (deed instanceof Deed.Stores stores && stores.index() != null
                    && stores.container().any(origin -> Origins.field(origin) == pool)) {
                parameters(stores.index(), operation, key);
            } else if (deed instanceof Deed.Creates creates && creates.type() == made) {
                creates.arguments().forEach(argument -> parameters(argument, operation, given));
            }
        }
        return !key.isEmpty() && !key.containsAll(given);
    }

    private static void parameters(Flow flow, Operation operation, Set<Integer> into) {
        for (Origin origin : flow.origins()) {
            Origin inner = origin instanceof Origin.Result(Operation _, Origin receiver) && receiver != null
                    ? receiver
                    : origin;
            Origin.OfParameter parameter = Origins.parameter(inner, operation);
            if (parameter != null) {
                into.add(parameter.index());
            }
        }
    }
}
