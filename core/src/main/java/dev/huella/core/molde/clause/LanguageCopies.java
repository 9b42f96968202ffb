package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.resolve.Rule;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Where a type has objects of another one copied by the language or its library, and what that asks of them. */
final class LanguageCopies {
    private LanguageCopies() {}

    /** Told of who asks for a copy, of what, and where. */
    @FunctionalInterface
    interface Copies {
        void copied(CodeType client, CodeType type, SourceSpan at);
    }

    /** All types of which somebody else has objects copied. */
    static Set<CodeType> copied(Model model) {
        Set<CodeType> copied = new LinkedHashSet<>();
        each(model, (client, type, at) -> copied.add(type));
        return copied;
    }

    static void each(Model model, Copies to) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if ((calls.callee() == null || calls.callee().home().external())
                    && LibraryKnowledge.of(operation.home()).copies(calls.name())) {
                List<Flow> asked = new ArrayList<>(calls.arguments());
                asked.addFirst(calls.receiver());
                for (Flow flow : asked) {
                    CodeType type = flow.type().dimensions() > 0 ? null : flow.type().erased();
                    if (type != null && !type.external() && type != operation.home()) {
                        to.copied(operation.home(), type, calls.at());
                    }
                }
            }
        });
    }

    /** The field of its object that an operation has the language copy for a value; null where the value comes from elsewhere. */
    static Field copied(Operation operation, Flow value) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        for (Deed deed : value.anyOf(Origin.Result.class) ? operation.deeds() : List.<Deed>of()) {
            if (deed instanceof Deed.Calls calls && calls.used() && library.copies(calls.name())
                    && (calls.callee() == null || calls.callee().home().external())
                    && value.any(origin -> origin instanceof Origin.Result(Operation callee, Origin on)
                            && callee == calls.callee() && on != null && calls.receiver().origins().contains(on))) {
                Field field = own(calls.receiver().first());
                return field != null || calls.arguments().isEmpty() ? field : own(calls.arguments().getFirst().first());
            }
        }
        return null;
    }

    private static Field own(Origin origin) {
        return origin instanceof Origin.OfField(Field field, boolean own) && own && !field.isStatic() ? field : null;
    }

    /** A helper is given the object, and has the language copy what it is given. */
    static boolean byHelper(Deed.Calls calls) {
        Operation helper = calls.callee();
        return helper != null && !helper.home().external() && calls.arguments().size() == 1
                && Copying.isSelf(calls.arguments().getFirst()) && helper.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Calls asks && asks.used() && asks.callee() == null
                                && LibraryKnowledge.of(helper.home()).copies(asks.name())
                                && asks.arguments()
                                        .stream()
                                        .anyMatch(one -> Origins.parameter(one.first(), helper) != null));
    }

    /** What comes first gets what the others have, and is given back itself. */
    static boolean goesIntoItsObject(Deed.Calls calls, LibraryKnowledge library) {
        return library.lists("givesBackFirst", calls.name()) && calls.arguments().size() > 1
                && Copying.isSelf(calls.arguments().getFirst());
    }

    /** No parameters, but for what the library itself hands over where it asks for a copy. */
    static boolean takesNothing(Operation operation) {
        return operation.parameters().isEmpty()
                || LibraryKnowledge.of(operation.home()).lists("copyHooks", operation.name())
                        && operation.parameters()
                                .stream()
                                .allMatch(one -> one.inferred() || one.type().erased() == null
                                        || one.type().erased().external());
    }

    /** Something the object keeps, or that it was handed, is put in another order or sifted: it makes another one. */
    static boolean rearranges(Operation operation) {
        var library = LibraryKnowledge.of(operation.home());
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls
                        && (calls.callee() == null || calls.callee().home().external())
                        && library.lists("rearranges", calls.name()));
    }

    /** Nothing is asked for but a copy; what is true or false may say how deep. */
    static boolean asksOnlyForACopy(Operation operation) {
        return takesNothing(operation) || operation.parameters().stream().allMatch(one -> saysHowDeep(operation, one));
    }

    private static boolean saysHowDeep(Operation operation, Parameter parameter) {
        int index = operation.parameters().indexOf(parameter);
        return isSwitch(parameter)
                ? operation.deeds().stream().noneMatch(deed -> keeps(deed, operation, index))
                : (parameter.inferred() || parameter.type().isUnknown()) && isHandedOnAsTruth(operation, index);
    }

    private static boolean isSwitch(Parameter parameter) {
        return !parameter.inferred() && Switches.isTruth(parameter.type());
    }

    /** What is given becomes a part of an object: the copy differs by it. */
    private static boolean keeps(Deed deed, Operation operation, int index) {
        return switch (deed) {
            case Deed.Sets sets -> isGiven(sets.value(), operation, index);
            case Deed.Creates creates -> creates.arguments().stream().anyMatch(one -> isGiven(one, operation, index));
            case Deed.Calls calls when calls.callee() == null || calls.callee().isConstructor() ->
                calls.arguments().stream().anyMatch(one -> isGiven(one, operation, index));
            default -> false;
        };
    }

    private static boolean isGiven(Flow flow, Operation operation, int index) {
        return flow.any(origin -> origin instanceof Origin.OfParameter(Operation of, int at) && of == operation
                && at == index);
    }

    /** All that is done with it is give it to an operation that asks for what is true or false. */
    private static boolean isHandedOnAsTruth(Operation operation, int index) {
        boolean handed = false;
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && calls.callee() != null) {
                for (int i = 0; i < Math.min(calls.arguments().size(), calls.callee().parameters().size()); i++) {
                    if (isGiven(calls.arguments().get(i), operation, index)) {
                        if (!isSwitch(calls.callee().parameters().get(i))) {
                            return false;
                        }
                        handed = true;
                    }
                }
            }
        }
        return handed;
    }

    /** The constructor for copies that comes with the language: none that is written takes one of the kind and does something with it. */
    static boolean makes(Deed.Creates creates) {
        Operation constructor = creates.constructor();
        if (constructor == null || !constructor.hasBody() || constructor.parameters().isEmpty()) {
            return true;
        }
        if (!LibraryKnowledge.of(creates.type()).rule(Rule.OBJECTS_IN_PLACE)) {
            return false;
        }
        TypeUse taken = constructor.parameters().getFirst().type();
        boolean other = !taken.isUnknown() && taken.variable() == null
                && (taken.type() == null || !Hierarchy.isA(creates.type(), taken.type()));
        return other || constructor.deeds().isEmpty();
    }
}
