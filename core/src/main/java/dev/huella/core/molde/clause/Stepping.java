package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** How elements are handed out one after the other. */
final class Stepping {
    private static final Set<String> TRUTH = Set.of("boolean", "bool", "Bool", "Boolean");

    private Stepping() {}

    /** Where an operation that hands something out changes its object, or what its object steps through. */
    static SourceSpan movesOn(Operation operation) {
        List<Flow> returned = Origins.returned(operation);
        if (LibraryKnowledge.of(operation.home()).ofEveryObject(operation.name()) || operation.isStatic()
                || operation.kind() != Kind.OPERATION || returned.isEmpty()) {
            return null;
        }
        for (Deed deed : operation.deeds()) {
            boolean moves = switch (deed) {
                case Deed.Sets sets -> (sets.own() || holds(operation, sets.field())) && !sets.field().isStatic()
                        && !Passing.about(sets.within(), sets.field()) && !fillsAGap(sets)
                        && !Passing.leavesWhenFilled(operation, sets.field());
                case Deed.Stores stores -> Assembly.fromOwn(stores.container()) || stores.container()
                        .any(origin -> origin instanceof Origin.OfField(var field, boolean _)
                                && holds(operation, field));
                case Deed.Calls calls -> Assembly.fromOwn(calls.receiver())
                        && (LibraryKnowledge.of(operation.home()).steps(calls.name())
                                || LibraryKnowledge.of(operation.home()).drains(calls.name()))
                        && (calls.used() || looks(operation, calls));
                default -> false;
            };
            if (moves) {
                return deed.at();
            }
        }
        return null;
    }

    /** What is looked up only once, and kept in another object, moves nothing. */
    private static boolean fillsAGap(Deed.Sets sets) {
        for (Setting at = sets.within(); at != null; at = at.outer()) {
            if (at.kind() == Setting.Kind.ABSENCE
                    && at.about()
                            .stream()
                            .anyMatch(value -> value
                                    .any(origin -> origin instanceof Origin.OfField(Field asked, boolean _)
                                            && asked == sets.field()))) {
                return true;
            }
        }
        return false;
    }

    /** What is taken off unseen was looked at before: {@code top} and then {@code pop}. */
    private static boolean looks(Operation operation, Deed.Calls off) {
        Field from = Origins.whole(off.receiver().first());
        return Origins.returned(operation)
                .stream()
                .anyMatch(value -> value.any(origin -> Origins.isElement(origin) && Origins.field(origin) == from))
                || operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Calls calls && calls != off && calls.used()
                                && calls.receiver().first().equals(off.receiver().first())
                                && LibraryKnowledge.of(operation.home()).lists("elements", calls.name()));
    }

    /** The field is one of the object that the stepping one goes through. */
    private static boolean holds(Operation operation, Field field) {
        return operation.home().fields().stream().anyMatch(kept -> kept.held().type().erased() == field.home());
    }

    /** True for a question without input that changes nothing, but to look for what comes next where that is not at hand. */
    static boolean tellsMore(Operation operation) {
        if (operation.kind() != Kind.OPERATION || operation.isStatic() || !operation.parameters().isEmpty()
                || Assembly.adds(operation, deed -> !looksAhead(deed.within())) != null) {
            return false;
        }
        return givesTruth(operation);
    }

    private static boolean looksAhead(Setting within) {
        return Setting.inside(within, Setting.Kind.WHILE) || Setting.inside(within, Setting.Kind.ABSENCE);
    }

    /** The declared result is a truth, or where none is declared all that is given. */
    static boolean givesTruth(Operation operation) {
        return gives(operation, TRUTH::contains);
    }

    static boolean givesNumber(Operation operation) {
        var library = LibraryKnowledge.of(operation.home());
        return gives(operation, type -> library.lists("numbers", type));
    }

    private static boolean gives(Operation operation, Predicate<String> type) {
        List<Flow> returned = Origins.returned(operation);
        boolean unwritten = operation.returns().type() == null && !operation.returns().isVoid();
        return type.test(operation.returns().text()) || unwritten && !returned.isEmpty()
                && returned.stream().allMatch(flow -> type.test(flow.type().text()));
    }

    /** Asks the language for an object that steps through what it hands to a block. */
    static boolean makesSteps(Operation operation) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && makesSteps(calls, operation));
    }

    private static boolean makesSteps(Deed.Calls calls, Operation operation) {
        return calls.used() && calls.callee() == null && calls.receiver().first() instanceof Origin.Self
                && LibraryKnowledge.of(operation.home()).makesSteps(calls.name());
    }

    /** What it is given, other than a function to hand values to, may be what the values come from. */
    private static boolean takesMore(Operation operation) {
        return operation.parameters()
                .stream()
                .anyMatch(given -> given.type().type() == null || given.type().type().kind() != TypeKind.FUNCTION);
    }

    /**
     * Where a body hands out a value and waits, or hands out what the language makes of it so that it does; null when
     * it does not.
     */
    static SourceSpan yields(Operation operation) {
        if (operation.kind() != Kind.OPERATION || operation.isStatic() || !usesOwn(operation)) {
            return null;
        }
        for (Deed deed : operation.deeds()) {
            boolean steps = switch (deed) {
                case Deed.Yields yields -> !takesMore(operation) || yields.value() == null
                        || Assembly.fromOwn(yields.value()) && !isAskedWithInput(yields.value());
                case Deed.Calls calls -> makesSteps(calls, operation);
                case Deed.Creates creates -> makesSteps(creates, operation);
                default -> false;
            };
            if (steps) {
                return deed.at();
            }
        }
        return lends(operation);
    }

    /** What another works out of what it is told does not lie in the object. */
    private static boolean isAskedWithInput(Flow value) {
        return value.any(Stepping::isAskedWithInput);
    }

    private static boolean isAskedWithInput(Origin origin) {
        return switch (origin) {
            case Origin.ElementOf(Origin all) -> isAskedWithInput(all);
            case Origin.Result(Operation asked, var _) -> asked != null
                    && asked.parameters().stream().anyMatch(one -> !one.optional());
            default -> false;
        };
    }

    /** Where the language asks for steps and is handed those of a collection that the object keeps; null when it is not. */
    private static SourceSpan lends(Operation operation) {
        if (!operation.parameters().isEmpty()
                || !LibraryKnowledge.of(operation.home()).asksForSteps(operation.name())) {
            return null;
        }
        for (Deed deed : operation.deeds()) {
            Field kept = deed instanceof Deed.Returns returns && returns.value() != null
                    ? lent(returns.value().first())
                    : null;
            boolean wrapped = kept != null && kept.type().dimensions() == 0 && kept.type().type() != null
                    && Hierarchy.isA(operation.home(), kept.type().type());
            if (kept != null && !wrapped && kept.held().many() == Multiplicity.MANY
                    || deed instanceof Deed.Returns gives && isMadeOfEach(gives, operation)) {
                return deed.at();
            }
        }
        return null;
    }

    /** Something that is made of each in what the object keeps, when it is asked for, or those of them that are wanted. */
    private static boolean isMadeOfEach(Deed.Returns gives, Operation operation) {
        var library = LibraryKnowledge.of(operation.home());
        return gives.value() != null
                && gives.value().first() instanceof Origin.Result(Operation made, Origin.OfField of)
                && made == null && of.own() && operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.receiver().first().equals(of)
                                && calls.used() && calls.callee() == null
                                && (library.lists("maps", calls.name()) || library.sifts(calls.name())));
    }

    /** Where what is given goes on to the steps of a collection that the object keeps; null when it does not. */
    static SourceSpan runsForOwn(Operation operation) {
        if (operation.parameters().isEmpty()) {
            return null;
        }
        return operation.deeds()
                .stream()
                .filter(deed -> deed instanceof Deed.Calls calls && calls.callee() == null
                        && LibraryKnowledge.of(operation.home()).asksForSteps(calls.name())
                        && calls.receiver().origins().stream().allMatch(Stepping::isKept)
                        && calls.arguments()
                                .stream()
                                .anyMatch(one -> Origins.parameter(one.first(), operation) != null))
                .map(Deed::at)
                .findFirst()
                .orElse(null);
    }

    private static Field lent(Origin steps) {
        return switch (steps) {
            case Origin.CopyOf(Origin.OfField(Field field, boolean own), boolean _) when own -> field;
            case Origin.Result(Operation asked, Origin.ElementOf(Origin.OfField(Field field, boolean own))) when own
                    && asked == null ->
                field;
            default -> null;
        };
    }

    /** Where a body hands out, one after the other, the elements of what its object keeps; null when it does not. */
    static SourceSpan yieldsOwn(Operation operation) {
        return yields(operation) == null
                ? null
                : operation.deeds()
                        .stream()
                        .filter(deed -> switch (deed) {
                            case Deed.Yields yields -> yields.value() != null && Assembly.fromOwn(yields.value())
                                    && yields.value().any(origin -> Origins.isElement(origin) && isKept(origin));
                            case Deed.Creates creates -> makesSteps(creates, operation);
                            case Deed.Calls calls -> makesSteps(calls, operation);
                            default -> false;
                        })
                        .map(Deed::at)
                        .findFirst()
                        .orElseGet(() -> lends(operation));
    }

    /** It lies in what a field keeps, and was not asked of one that lies there. */
    private static boolean isKept(Origin origin) {
        return switch (origin) {
            case Origin.ElementOf(Origin of) -> isKept(of);
            case Origin.CopyOf(Origin of, boolean _) -> isKept(of);
            default -> origin instanceof Origin.OfField;
        };
    }

    private static boolean makesSteps(Deed.Creates creates, Operation operation) {
        return creates.type().external()
                && LibraryKnowledge.of(operation.home()).makesSteps(creates.type().name());
    }

    /** What has nothing to do with its object hands out nothing of it. */
    private static boolean usesOwn(Operation operation) {
        return !operation.reads().isEmpty() || operation.deeds()
                .stream()
                .flatMap(deed -> Reading.values(deed).stream())
                .anyMatch(flow -> flow.any(Stepping::isOfItself));
    }

    private static boolean isOfItself(Origin origin) {
        return switch (origin) {
            case Origin.Self _ -> true;
            case Origin.ElementOf(Origin of) -> isOfItself(of);
            case Origin.CopyOf(Origin of, boolean _) -> isOfItself(of);
            case Origin.Result(Operation _, Origin of) -> of != null && isOfItself(of);
            default -> false;
        };
    }

    /** The declared result is the language's own protocol for stepping, and not only what it works out is handed out. */
    static boolean declaredSteps(Operation operation) {
        CodeType declared = operation.returns().dimensions() > 0 ? null : operation.returns().type();
        return declared != null && declared.external() && LibraryKnowledge.of(operation.home()).iterator(declared)
                && !worksOut(operation);
    }

    /** Kept by the object, or fetched by a step of its own. */
    private static boolean isItsOwn(Flow value) {
        return Assembly.fromOwn(value)
                || value.any(
                        origin -> origin instanceof Origin.Result(Operation _, Origin of) && of instanceof Origin.Self);
    }

    /** All that it hands out one by one is worked out, and nothing of it was kept. */
    private static boolean worksOut(Operation operation) {
        List<Deed.Yields> all = operation.deeds()
                .stream()
                .filter(Deed.Yields.class::isInstance)
                .map(Deed.Yields.class::cast)
                .toList();
        return !all.isEmpty() && all.stream().noneMatch(one -> one.value() != null && isItsOwn(one.value()));
    }
}
