package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;

/** What several types do alike, and what nearly is alike. */
final class Sequences {
    private static final int LONG = 5;
    private static final int RUN = 3;
    private static final int MOST_ASKED = 8;

    private Sequences() {}

    /** Told of two types and a place. */
    @FunctionalInterface
    interface Pairs {
        void pair(CodeType one, CodeType other, SourceSpan at);
    }

    /**
     * Many values for one constructor, or constructors that each hand on to one that takes more.
     *
     * @param places how many make one
     */
    static boolean isLong(CodeType type, int places) {
        List<Operation> constructors = type.operations().stream().filter(Operation::isConstructor).toList();
        boolean many = constructors.stream().anyMatch(constructor -> constructor.parameters().size() >= LONG);
        long growing = constructors.stream()
                .filter(constructor -> constructor.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.callee() != null
                                && calls.callee().isConstructor() && calls.callee().home() == type
                                && calls.callee().parameters().size() > constructor.parameters().size()))
                .count();
        return places > 1 ? many || growing > 1 : many && !isValue(type);
    }

    /** A type that only holds what it was given. */
    private static boolean isValue(CodeType type) {
        return type.kind() == TypeKind.RECORD || type.kind() == TypeKind.STRUCT || type.operations()
                .stream()
                .filter(operation -> operation.kind() == Kind.OPERATION && !operation.isStatic())
                .allMatch(Bodies::reports);
    }

    /** Pairs of types whose operations call three or more types of the sources in the same order. */
    static void twins(Model model, Pairs to) {
        Map<List<CodeType>, Map<CodeType, SourceSpan>> byRun = new LinkedHashMap<>();
        Deeds.operations(model, operation -> {
            Set<CodeType> order = new LinkedHashSet<>();
            for (Deed deed : operation.deeds()) {
                if (deed instanceof Deed.Calls calls && calls.callee() != null && isPart(calls, operation)) {
                    order.add(calls.callee().home());
                }
            }
            List<CodeType> run = new ArrayList<>(order);
            for (int i = 0; i + RUN <= run.size(); i++) {
                byRun.computeIfAbsent(run.subList(i, i + RUN), key -> new LinkedHashMap<>())
                        .putIfAbsent(operation.home().outermost(), operation.place());
            }
        });
        byRun.values()
                .stream()
                .filter(clients -> clients.size() > 1)
                .forEach(clients -> clients.forEach((one, at) -> clients.keySet()
                        .stream()
                        .filter(other -> other != one && unrelated(Set.of(one, other)))
                        .forEach(other -> to.pair(one, other, at))));
    }

    private static boolean isPart(Deed.Calls calls, Operation operation) {
        Operation callee = calls.callee();
        return callee.kind() == Kind.OPERATION && !callee.home().external()
                && callee.home().outermost() != operation.home().outermost()
                && !Bodies.onlyReports(callee)
                && !callee.home().shape();
    }

    /** Types that two or more others make with the same values, and that hold changing state or something outside. */
    static void alike(Model model, Pairs to) {
        Map<CodeType, Map<List<String>, Map<CodeType, SourceSpan>>> made = new LinkedHashMap<>();
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> {
            List<String> values = new ArrayList<>();
            for (Flow argument : creates.arguments()) {
                if (!(argument.first() instanceof Origin.Constant(String text)) || argument.origins().size() > 1) {
                    return;
                }
                values.add(text);
            }
            boolean kept = operation.kind() != Kind.OPERATION || operation.deeds()
                    .stream()
                    .anyMatch(deed -> deed instanceof Deed.Sets sets
                            && sets.value().first() instanceof Origin.Fresh(CodeType of)
                            && of == creates.type());
            if (!creates.type().external() && kept && !creates.type().anonymous()) {
                made.computeIfAbsent(creates.type(), key -> new LinkedHashMap<>())
                        .computeIfAbsent(values, key -> new LinkedHashMap<>())
                        .putIfAbsent(operation.home().outermost(), creates.at());
            }
        });
        Set<CodeType> changing = new HashSet<>();
        Reading.changed(model).keySet().forEach(field -> changing.add(field.home()));
        made.forEach((type, byValues) -> byValues.forEach((values, makers) -> {
            boolean outside = type.operations()
                    .stream()
                    .anyMatch(operation -> operation.kind() != Kind.OPERATION && Reach.out(operation) != null);
            if (makers.size() > 1 && (outside || changing.contains(type) && !values.isEmpty())
                    && unrelated(makers.keySet())) {
                makers.forEach((maker, at) -> to.pair(type, maker, at));
            }
        }));
    }

    private static boolean unrelated(Set<CodeType> types) {
        for (CodeType one : types) {
            for (CodeType above : Hierarchy.above(one)) {
                boolean shared = !above.external() && types.stream()
                        .anyMatch(other -> other != one && Hierarchy.above(other).contains(above));
                if (shared) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Types that offer all that an abstraction asks for, some of it under other names. */
    static void almost(Model model, BiConsumer<CodeType, CodeType> to) {
        Map<String, List<CodeType>> offering = new HashMap<>();
        for (CodeType type : model.types()) {
            if (!type.isAbstract() && !type.anonymous() && type.kind() != TypeKind.MODULE) {
                open(type).stream()
                        .map(Operation::name)
                        .distinct()
                        .forEach(name -> offering.computeIfAbsent(name, key -> new ArrayList<>()).add(type));
            }
        }
        for (CodeType abstraction : model.declared()) {
            List<Operation> asked = abstraction.operations().stream().filter(Operation::isAbstract).toList();
            boolean sized = asked.size() > 1 && asked.size() <= MOST_ASKED && !abstraction.subtypes().isEmpty();
            if (sized) {
                Set<CodeType> candidates = new LinkedHashSet<>();
                asked.forEach(operation -> candidates.addAll(offering.getOrDefault(operation.name(), List.of())));
                candidates.stream()
                        .filter(type -> !Hierarchy.above(type).contains(abstraction) && unrelated(type, abstraction)
                                && nearly(type, asked))
                        .forEach(type -> to.accept(type, abstraction));
            }
        }
    }

    private static boolean unrelated(CodeType type, CodeType abstraction) {
        return Hierarchy.above(type)
                .stream()
                .noneMatch(above -> !above.external() && abstraction.subtypes().contains(above))
                && type.mentions().stream().noneMatch(mention -> mention.to() == abstraction)
                && abstraction.mentions().stream().noneMatch(mention -> mention.to() == type);
    }

    private static List<Operation> open(CodeType type) {
        return type.operations()
                .stream()
                .filter(operation -> operation.kind() == Kind.OPERATION && !operation.isStatic()
                        && operation.overridden().isEmpty()
                        && operation.modifiers().visibility() != Visibility.PRIVATE)
                .toList();
    }

    /** One is there under its name and form; each other has one of the same form under another name. */
    private static boolean nearly(CodeType type, List<Operation> asked) {
        List<Operation> left = new ArrayList<>(open(type));
        if (left.size() > asked.size() + 2) {
            return false;
        }
        int named = 0;
        List<Operation> missing = new ArrayList<>();
        for (Operation operation : asked) {
            Operation same = left.stream()
                    .filter(own -> own.name().equals(operation.name())
                            && own.parameters().size() == operation.parameters().size())
                    .findFirst()
                    .orElse(null);
            if (same == null) {
                missing.add(operation);
            } else {
                left.remove(same);
                named++;
            }
        }
        for (Operation operation : missing) {
            Operation like = left.stream().filter(own -> sameForm(own, operation)).findFirst().orElse(null);
            if (like == null) {
                return false;
            }
            left.remove(like);
        }
        return named > 0 && !missing.isEmpty();
    }

    private static boolean sameForm(Operation one, Operation other) {
        if (one.parameters().size() != other.parameters().size()
                || !one.returns().text().equals(other.returns().text()) && !one.returns().isUnknown()
                        && !other.returns().isUnknown()) {
            return false;
        }
        for (int i = 0; i < one.parameters().size(); i++) {
            if (!one.parameters().get(i).type().text().equals(other.parameters().get(i).type().text())) {
                return false;
            }
        }
        return true;
    }

    /** Told of a client, the concrete type that it names, and what above that would do. */
    @FunctionalInterface
    interface Uses {
        void uses(CodeType client, CodeType concrete, CodeType abstraction, SourceSpan at);
    }

    static void concreteUses(Model model, Uses to) {
        for (CodeType client : model.types()) {
            Map<CodeType, SourceSpan> named = new LinkedHashMap<>();
            Set<CodeType> made = new HashSet<>();
            for (Mention mention : client.mentions()) {
                boolean typed = mention.kind() == Mention.Kind.FIELD || mention.kind() == Mention.Kind.PARAMETER;
                if (typed && !mention.to().external() && !mention.to().isAbstract()) {
                    named.putIfAbsent(mention.to(), mention.at());
                } else if (!typed) {
                    made.add(mention.to());
                }
            }
            named.keySet().removeAll(made);
            named.forEach((concrete, at) -> {
                CodeType abstraction = onlyAs(client, concrete);
                if (abstraction != null) {
                    to.uses(client, concrete, abstraction, at);
                }
            });
        }
    }

    private static CodeType onlyAs(CodeType client, CodeType concrete) {
        Set<CodeType> all = null;
        for (Operation operation : client.operations()) {
            for (Deed deed : operation.deeds()) {
                if (deed instanceof Deed.Calls calls && calls.receiver().type().erased() == concrete) {
                    Set<CodeType> offering = new LinkedHashSet<>();
                    if (calls.callee() != null) {
                        calls.callee().overridden().forEach(above -> offering.add(above.home()));
                    }
                    if (all == null) {
                        all = offering;
                    } else {
                        all.retainAll(offering);
                    }
                } else if (Reading.values(deed)
                        .stream()
                        .anyMatch(flow -> flow
                                .any(origin -> origin instanceof Origin.OfField(var field, boolean own) && !own
                                        && field.home() == concrete))) {
                    return null;
                }
            }
        }
        return all == null
                ? null
                : all.stream()
                        .filter(type -> !type.external() && type.isAbstract() && !type.shape()
                                && type.subtypes().size() > 1
                                && Hierarchy.above(client).stream().noneMatch(type::equals)
                                && client != type)
                        .findFirst()
                        .orElse(null);
    }
}
