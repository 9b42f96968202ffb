package dev.huella.core.molde.clause;

import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.Set;

/** What makes a new object of the same type another one, and no copy. */
final class OtherOnes {
    private OtherOnes() {}

    /** Something that goes into it is reckoned, is a part that was asked for, or is put in another order. */
    static boolean isWorkedOut(Operation operation, Deed.Creates creates) {
        return LanguageCopies.rearranges(operation) || isShortened(operation)
                || creates.arguments().stream().filter(OtherOnes::isOneOfSeveral).count() == 1
                || creates.arguments()
                        .stream()
                        .anyMatch(argument -> Origins.isWorkedOut(argument) || isPiece(argument, operation));
    }

    /** One element of what the object keeps. */
    private static boolean isOneOfSeveral(Flow argument) {
        return argument.origins().size() == 1
                && argument.first() instanceof Origin.ElementOf(Origin.OfField(Field _, boolean own)) && own;
    }

    /** Something is taken out of a copy of what the object keeps. */
    private static boolean isShortened(Operation operation) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.callee() == null
                        && (library.removes(calls.name()) || library.drains(calls.name()))
                        && calls.receiver()
                                .any(origin -> origin instanceof Origin.CopyOf(Origin.OfField(Field _, boolean own), boolean _)
                                        && own));
    }

    /** What a call on a field gives that says which part it wants: a text from here to there, an entry under a name. */
    private static boolean isPiece(Flow argument, Operation operation) {
        return argument.first() instanceof Origin.Result(Operation callee, Origin receiver) && receiver != null
                && Origins.field(receiver) != null && !isSeveral(Origins.field(receiver))
                && operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.used()
                                && calls.callee() == callee && calls.receiver().origins().contains(receiver)
                                && isTold(calls) && !LibraryKnowledge.of(operation.home()).copies(calls.name()));
    }

    /** A function of the code base gets a number, and what it gives is another one. */
    static boolean isReckonedWith(Deed.Calls calls, Field field) {
        return calls.used() && calls.callee() != null && !calls.receiver().anyOf(Origin.Fresh.class)
                && !isSeveral(field) && field.held().type().erased() == null;
    }

    private static boolean isSeveral(Field field) {
        return field.held().container() != null || field.type().dimensions() > 0;
    }

    private static boolean isTold(Deed.Calls calls) {
        return !calls.arguments().isEmpty()
                && calls.arguments().stream().noneMatch(one -> one.anyOf(Origin.OfFunction.class));
    }

    /** The object gives away what it had: it keeps something else afterwards. */
    static boolean leavesTo(Operation operation, Set<Field> reached) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.own() && reached.contains(sets.field()));
    }

    /** A value that has nothing of the object: what is made with it is another one. Absence leaves a field out. */
    static boolean isFixed(Flow flow) {
        return !flow.origins().isEmpty() && flow.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Constant(String text) && text != null
                        || origin instanceof Origin.OfField(Field field, boolean _) && field.isStatic());
    }

    /** The new object is one of those that its maker keeps. */
    static boolean isKeptByItsMaker(Operation operation, Deed.Creates creates) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && library.adds(calls.name())
                        && Assembly.fromOwn(calls.receiver()) && calls.arguments()
                                .stream()
                                .anyMatch(one -> one.origins().contains(new Origin.Fresh(creates.type()))));
    }

    /** The new object is tied to the one that makes it, by a field for its like. */
    static boolean keepsItsMaker(Deed.Creates creates) {
        return creates.constructor() != null && creates.constructor()
                .deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.own()
                        && sets.field().held().type().erased() != null
                        && Hierarchy.isA(creates.type(), sets.field().held().type().erased())
                        && sets.value()
                                .any(origin -> origin instanceof Origin.OfParameter(Operation _, int index)
                                        && index < creates.arguments().size()
                                        && Copying.isSelf(creates.arguments().get(index))));
    }
}
