package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** How an object is put together from what another keeps. */
final class Assembly {
    private Assembly() {}

    /** True when the value is, or was taken from, a field of the object itself. */
    static boolean fromOwn(Flow flow) {
        return flow.any(Assembly::fromOwn);
    }

    private static boolean fromOwn(Origin origin) {
        return switch (origin) {
            case Origin.OfField(Field field, boolean own) -> own && !field.isStatic();
            case Origin.ElementOf(Origin container) -> fromOwn(container);
            case Origin.CopyOf(Origin container, boolean _) -> fromOwn(container);
            case Origin.Result(Operation _, Origin receiver) -> receiver != null && fromOwn(receiver);
            default -> false;
        };
    }

    private static boolean self(Flow flow, Operation operation) {
        return flow.any(origin -> origin instanceof Origin.Self(CodeType of) && of == operation.home());
    }

    private static boolean handsOver(List<Flow> arguments, Operation operation) {
        for (Flow argument : arguments) {
            if (fromOwn(argument) || self(argument, operation)) {
                return true;
            }
        }
        return false;
    }

    /** What each operation hands out that is made of fields of its object; those that hand out nothing such are left out. */
    private record Products(Map<Operation, Map<CodeType, SourceSpan>> of) {
        static Products of(Model model) {
            Map<Operation, Map<CodeType, SourceSpan>> found = new LinkedHashMap<>();
            Deeds.operations(model, operation -> {
                Map<CodeType, SourceSpan> products = products(operation);
                if (!products.isEmpty()) {
                    found.put(operation, products);
                }
            });
            return new Products(Collections.unmodifiableMap(found));
        }
    }

    /** By operation, in the order of the sources: types handed out that are made of fields of the object, with a place each. */
    static Map<Operation, Map<CodeType, SourceSpan>> products(Model model) {
        return model.derived(Products.class, Products::of).of;
    }

    private static Map<CodeType, SourceSpan> products(Operation operation) {
        if (operation.kind() != Kind.OPERATION || operation.isStatic()) {
            return Map.of();
        }
        Map<CodeType, SourceSpan> found = new LinkedHashMap<>();
        for (Flow value : Origins.returned(operation)) {
            for (Origin origin : Origins.of(value)) {
                if (origin instanceof Origin.Fresh(CodeType type)) {
                    SourceSpan at = madeOfParts(operation, type);
                    if (at != null) {
                        found.putIfAbsent(type, at);
                    }
                } else if (origin instanceof Origin.OfField(Field field, boolean own) && own && !field.isStatic()
                        && field.held().many() != Multiplicity.MANY && field.held().container() == null
                        && field.held().type().erased() != null
                        && (worksOn(operation, field) || madeHere(operation, field))) {
                    found.putIfAbsent(field.held().type().erased(), operation.place());
                }
            }
        }
        return found;
    }

    /** What it hands out again is put together when it is first asked for. */
    private static boolean madeHere(Operation operation, Field field) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.own() && sets.field() == field
                        && sets.value()
                                .any(origin -> origin instanceof Origin.Fresh(CodeType made)
                                        && madeOfParts(operation, made) != null));
    }

    private static SourceSpan madeOfParts(Operation operation, CodeType type) {
        for (Operation reached : operation.reached()) {
            for (Deed deed : reached.deeds()) {
                boolean parts = switch (deed) {
                    case Deed.Creates creates -> creates.type() == type && handsOver(creates.arguments(), reached)
                            && !onlyKeepsIt(creates, reached);
                    case Deed.Sets sets -> !sets.own() && sets.field().home() == type && fromOwn(sets.value());
                    case Deed.Calls calls -> (calls.isSetting()
                            ? fromOwn(calls.arguments().getFirst())
                            : handsOver(calls.arguments(), reached))
                            && (calls.receiver()
                                    .any(origin -> origin instanceof Origin.Fresh(CodeType of) && of == type)
                                    || calls.callee() != null && calls.callee().isStatic()
                                            && Creation.fresh(calls.callee()).containsKey(type));
                    default -> false;
                };
                if (parts) {
                    return deed.at();
                }
            }
        }
        return null;
    }

    /** What keeps the object that makes it, and takes nothing out of it, is no product of its parts. */
    private static boolean onlyKeepsIt(Deed.Creates creates, Operation by) {
        if (creates.constructor() == null || creates.arguments().stream().anyMatch(Assembly::fromOwn)) {
            return false;
        }
        boolean keeps = false;
        for (Deed deed : creates.constructor().deeds()) {
            Flow value = deed instanceof Deed.Sets sets && sets.own() ? sets.value() : null;
            Origin first = value == null ? null : value.first();
            boolean whole = first instanceof Origin.OfParameter(Operation of, int index) && of == creates.constructor()
                    && index < creates.arguments().size() && self(creates.arguments().get(index), by);
            if (first instanceof Origin.OfField(Field from, boolean own) && !own && from.home() == by.home()
                    || first instanceof Origin.Result(Operation _, Origin.OfParameter _)) {
                return false;
            }
            keeps |= whole;
        }
        return keeps;
    }

    /** Other operations of the type, or of one below it, set parts of the object in the field. */
    private static boolean worksOn(Operation finishing, Field field) {
        return worksOn(finishing, field.home(), field)
                || field.home().subtypes().stream().anyMatch(type -> worksOn(finishing, type, field));
    }

    private static boolean worksOn(Operation finishing, CodeType type, Field field) {
        for (Operation operation : type.operations()) {
            if (operation != finishing && operation.kind() == Kind.OPERATION) {
                for (Deed deed : operation.deeds()) {
                    boolean works = switch (deed) {
                        case Deed.Calls calls -> !calls.arguments().isEmpty()
                                && (isIn(calls.receiver(), field) || isPartOf(calls.receiver(), field));
                        case Deed.Sets sets -> !sets.own() && sets.field().home() == field.held().type().erased();
                        default -> false;
                    };
                    if (works) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** A part of the object that the field keeps: {@code report.lines.add(…)}. */
    private static boolean isPartOf(Flow receiver, Field field) {
        CodeType held = field.isStatic() ? null : field.held().type().erased();
        return held != null && receiver.any(
                origin -> origin instanceof Origin.OfField(Field part, boolean own) && !own && part.home() == held);
    }

    /** A part of an object that some field of the operation's own type keeps. */
    private static boolean isPartOfKept(Flow receiver, Operation operation) {
        boolean ofAnother = receiver.any(origin -> origin instanceof Origin.OfField(Field _, boolean own) && !own);
        return ofAnother && operation.home().fields().stream().anyMatch(field -> isPartOf(receiver, field));
    }

    private static boolean isIn(Flow receiver, Field field) {
        return receiver.any(origin -> Origins.field(origin) == field);
    }

    /** Where it hands back its own object, or a new one of its type with the same parts; null when it does not. */
    static SourceSpan returnsItself(Operation operation) {
        if (operation.kind() != Kind.OPERATION || operation.isStatic()) {
            return null;
        }
        SourceSpan at = null;
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Returns(Flow value, Setting within, SourceSpan place) && value != null
                    && operation.isOwn(within)) {
                boolean same = self(value, operation) || Bodies.isItself(value) || changedCopy(operation, value);
                if (!same) {
                    return null;
                }
                at = place;
            }
        }
        return at;
    }

    private static boolean changedCopy(Operation operation, Flow value) {
        return !operation.parameters().isEmpty()
                && value.any(origin -> origin instanceof Origin.Fresh(CodeType type) && type == operation.home()
                        && madeOfParts(operation, type) != null);
    }

    /** Where a change of its own object takes what was handed in; null when nothing of it is kept. */
    static SourceSpan keeps(Operation operation) {
        return operation.parameters().isEmpty() ? null : adds(operation);
    }

    /** Where it changes a field of its object, or what a field holds; null when it does not. */
    static SourceSpan adds(Operation operation) {
        return adds(operation, deed -> true);
    }

    /** Where it does so by such a deed; null when it does not. */
    static SourceSpan adds(Operation operation, Predicate<Deed> such) {
        if (operation.kind() != Kind.OPERATION || operation.isStatic()) {
            return null;
        }
        var library = LibraryKnowledge.of(operation.home());
        for (Operation reached : operation.reached()) {
            for (Deed deed : reached.deeds()) {
                boolean adds = switch (deed) {
                    case Deed.Sets sets -> sets.own() && !sets.field().isStatic()
                            || !sets.own() && reached == operation;
                    case Deed.Stores stores ->
                        fromOwn(stores.container()) && !isPutTogether(stores.container(), reached);
                    case Deed.Calls calls -> (fromOwn(calls.receiver()) && !isPutTogether(calls.receiver(), reached)
                            || isPartOfKept(calls.receiver(), operation))
                            && (library.adds(calls.name()) || library.removes(calls.name())
                                    || !calls.used() && !library.lists("dropsAnswers", calls.name()));
                    case Deed.Creates creates -> creates.type() == operation.home()
                            && handsOver(creates.arguments(), reached);
                    default -> false;
                };
                if (adds && such.test(deed)) {
                    return deed.at();
                }
            }
        }
        return null;
    }

    /** A list that was written out of what the object keeps, and is not kept itself. */
    private static boolean isPutTogether(Flow list, Operation by) {
        return list.origins()
                .stream()
                .filter(Assembly::fromOwn)
                .allMatch(origin -> origin instanceof Origin.Result(Operation asked, Origin of) && asked == null
                        && by.deeds()
                                .stream()
                                .noneMatch(deed -> deed instanceof Deed.Calls calls && calls.callee() == null
                                        && calls.receiver().origins().contains(of)));
    }

    /** Where it refuses to go on because of what a field holds; null when it does not. */
    static SourceSpan checks(Operation operation) {
        var library = LibraryKnowledge.of(operation.home());
        for (Operation reached : operation.reached()) {
            for (Deed deed : reached.deeds()) {
                boolean checks = switch (deed) {
                    case Deed.Throws thrown -> aboutOwn(thrown.within());
                    case Deed.Calls calls -> library.asserts(calls.name()) && !calls.arguments().isEmpty();
                    case Deed.Returns returns -> returns.value() != null
                            && returns.value().origins().equals(List.of(Origin.NOTHING)) && aboutOwn(returns.within());
                    default -> false;
                };
                if (checks) {
                    return deed.at();
                }
            }
        }
        return null;
    }

    private static boolean aboutOwn(Setting within) {
        for (Setting at = within; at != null; at = at.outer()) {
            if (at.about().stream().anyMatch(Assembly::fromOwn)) {
                return true;
            }
        }
        return false;
    }
}
