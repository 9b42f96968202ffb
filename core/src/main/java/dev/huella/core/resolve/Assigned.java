package dev.huella.core.resolve;

import dev.huella.core.model.Deed;
import dev.huella.core.model.Setting;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Whether a variable that began with nothing was given something on every way to where the body stands now.
 *
 * @param given where it was given something
 */
record Assigned(List<Setting> given, Body body) {

    /** On every way through a place: there, around where the body stands, or in each branch of a choice in it. */
    boolean on(Setting place) {
        return given.stream()
                .anyMatch(at -> at != null && (at.equals(place) || at.kind() == Setting.Kind.ABSENCE
                        || isAround(at, body.setting)))
                || given.contains(place)
                || body.deeds.stream()
                        .anyMatch(deed -> deed instanceof Deed.Chooses choice && choice.complete()
                                && same(choice.within(), place) && isInAll(choice));
    }

    private boolean isInAll(Deed.Chooses choice) {
        return IntStream.range(0, choice.branches()).allMatch(branch -> {
            Setting inside = given.stream()
                    .map(at -> branchOf(at, choice, branch))
                    .filter(at -> at != null)
                    .findFirst()
                    .orElse(null);
            return inside != null && on(inside) || body.deeds.stream().anyMatch(deed -> ends(deed, choice, branch));
        });
    }

    /** The branch that stands around a place; null when it does not lie in that one. */
    private static Setting branchOf(Setting at, Deed.Chooses choice, int branch) {
        for (Setting around = at; around != null; around = around.outer()) {
            if (isBranch(around, choice, branch)) {
                return around;
            }
        }
        return null;
    }

    private static boolean isBranch(Setting at, Deed.Chooses choice, int branch) {
        return at.choice() == choice.choice() && at.branch() == branch && same(at.outer(), choice.within())
                && at.kind() != Setting.Kind.EACH && at.kind() != Setting.Kind.WHILE
                && at.kind() != Setting.Kind.FUNCTION;
    }

    /** The branch does not come to where the body goes on. */
    private static boolean ends(Deed deed, Deed.Chooses choice, int branch) {
        return (deed instanceof Deed.Throws || deed instanceof Deed.Returns || deed instanceof Deed.Leaves)
                && deed.within() != null && isBranch(deed.within(), choice, branch);
    }

    private static boolean isAround(Setting outer, Setting at) {
        for (Setting one = at; one != null; one = one.outer()) {
            if (one.equals(outer)) {
                return true;
            }
        }
        return false;
    }

    private static boolean same(Setting one, Setting other) {
        return one == null ? other == null : one.equals(other);
    }
}
