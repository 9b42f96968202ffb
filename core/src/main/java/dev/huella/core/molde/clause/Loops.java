package dev.huella.core.molde.clause;

import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;

/** Whether loops over a field reach all of it, and whether they run over the field itself. */
final class Loops {
    private Loops() {}

    /** Told of each field whose elements are called on a condition, or in a loop that is left early. */
    static void skipped(Operation operation, BiConsumer<Field, SourceSpan> to) {
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls) {
                Field field = elementOf(calls.receiver());
                if (field != null && (isConditional(calls, field, operation) && !isReachedAnyway(operation, field)
                        || isCut(operation, field) || isBounded(operation, field))) {
                    to.accept(field, calls.at());
                }
            } else if (deed instanceof Deed.Leaves || deed instanceof Deed.Returns) {
                Field field = loopOver(deed.within());
                field = field == null ? counted(operation, deed.within()) : field;
                boolean ends = deed instanceof Deed.Returns || deed instanceof Deed.Leaves leaves && leaves.whole();
                if (field != null && !onError(deed.within()) && !(ends && answered(deed.within(), field))
                        && !isOverAGap(deed, field)) {
                    to.accept(field, deed.at());
                }
            }
        }
    }

    /** On to the next one, since what was an element is no longer there. */
    private static boolean isOverAGap(Deed deed, Field field) {
        return deed instanceof Deed.Leaves leaves && !leaves.whole()
                && deed.within().kind() == Setting.Kind.ABSENCE
                && deed.within().about().stream().anyMatch(value -> elementOf(value) == field);
    }

    /** Each element is told something in any case, whatever else some are told. */
    private static boolean isReachedAnyway(Operation operation, Field field) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && !calls.used()
                        && elementOf(calls.receiver()) == field && !isConditional(calls, field, operation));
    }

    /** The number of elements is compared with another one, and the smaller counts. */
    private static boolean isBounded(Operation operation, Field field) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && library.lists("bounds", calls.name())
                        && (calls.arguments().stream().anyMatch(one -> isNumberOf(field, one))
                                || isNumberOf(field, calls.receiver())));
    }

    private static boolean isNumberOf(Field field, Flow value) {
        return value.any(origin -> origin instanceof Origin.Result(Operation _, Origin receiver) && receiver != null
                && Origins.whole(receiver) == field);
    }

    /** What one of the elements answers decides that the others need not be asked. */
    private static boolean answered(Setting within, Field field) {
        for (Setting at = within; at != null && !isLoop(at); at = at.outer()) {
            boolean asked = at.about()
                    .stream()
                    .anyMatch(value -> value.any(origin -> origin instanceof Origin.Result(Operation _, Origin receiver)
                            && receiver != null && Origins.isElement(receiver) && Origins.field(receiver) == field));
            if (asked) {
                return true;
            }
        }
        return false;
    }

    /** Only a part of the field's elements, by position, is gone through. */
    static boolean isCut(Operation operation, Field field) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && cuts(calls, library)
                        && calls.receiver().any(origin -> Origins.whole(origin) == field));
    }

    /** Some leave out one where they are not told how many; others then leave out none. */
    private static boolean cuts(Deed.Calls calls, LibraryKnowledge library) {
        return calls.arguments().isEmpty()
                ? library.cuts(calls.name() + "()")
                : library.cuts(calls.name()) && !calls.arguments().stream().allMatch(Loops::isStart);
    }

    /** From the first on there is all of it. */
    private static boolean isStart(Flow argument) {
        return argument.origins().equals(List.of(new Origin.Constant("0")));
    }

    private static Field elementOf(Flow receiver) {
        for (Origin origin : Origins.of(receiver)) {
            Field field = Origins.isElement(origin) ? Origins.field(origin) : null;
            if (field != null) {
                return field;
            }
        }
        return null;
    }

    /** A condition inside the loop, other than whether the element is there at all, and not one that all ways keep. */
    private static boolean isConditional(Deed.Calls calls, Field field, Operation operation) {
        Setting only = null;
        for (Setting at = calls.within(); at != null && !isLoop(at); at = at.outer()) {
            if (isBranch(at) && only != null) {
                return true;
            }
            only = isBranch(at) ? at : only;
        }
        return only != null && !isOnEveryWay(calls, field, only.choice(), operation);
    }

    private static boolean isBranch(Setting at) {
        return at.kind() == Setting.Kind.BRANCH || at.kind() == Setting.Kind.REST;
    }

    /** True when each branch of the choice calls the same on an element. */
    private static boolean isOnEveryWay(Deed.Calls one, Field field, int choice, Operation operation) {
        Set<Integer> ways = new HashSet<>();
        int there = 0;
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && calls.name().equals(one.name())
                    && elementOf(calls.receiver()) == field && calls.within() != null
                    && calls.within().choice() == choice) {
                ways.add(calls.within().branch());
            } else if (deed instanceof Deed.Chooses chooses && chooses.choice() == choice && chooses.complete()) {
                there = chooses.branches();
            }
        }
        return there > 1 && ways.size() == there;
    }

    private static boolean isLoop(Setting setting) {
        return setting.kind() == Setting.Kind.EACH || setting.kind() == Setting.Kind.WHILE
                || setting.kind() == Setting.Kind.FUNCTION;
    }

    private static boolean onError(Setting within) {
        return Setting.inside(within, Setting.Kind.ON_ERROR);
    }

    private static Field loopOver(Setting within) {
        for (Setting at = within; at != null && at.kind() != Setting.Kind.FUNCTION; at = at.outer()) {
            if (at.kind() == Setting.Kind.EACH) {
                for (Flow over : at.about()) {
                    for (Origin origin : Origins.of(over)) {
                        Field field = Origins.whole(origin);
                        if (field != null) {
                            return field;
                        }
                    }
                }
            }
        }
        return null;
    }

    /** The field whose elements a loop that counts calls; null when it calls none. */
    private static Field counted(Operation operation, Setting within) {
        Setting loop = within;
        while (loop != null && loop.kind() != Setting.Kind.WHILE && loop.kind() != Setting.Kind.EACH) {
            loop = loop.kind() == Setting.Kind.FUNCTION ? null : loop.outer();
        }
        for (Deed deed : loop == null ? List.<Deed>of() : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && isIn(calls.within(), loop) && elementOf(calls.receiver()) != null) {
                return elementOf(calls.receiver());
            }
        }
        return null;
    }

    private static boolean isIn(Setting within, Setting loop) {
        Setting at = within;
        while (at != null && at != loop) {
            at = at.outer();
        }
        return at != null;
    }

    /** Told of each field over whose copy a loop runs. */
    static void overCopies(Operation operation, BiConsumer<Field, SourceSpan> to) {
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls) {
                for (Origin origin : Origins.of(calls.receiver())) {
                    if (Origins.isElement(origin) && Origins.detached(origin) && Origins.field(origin) != null) {
                        to.accept(Origins.field(origin), calls.at());
                    }
                }
            }
        }
    }
}
