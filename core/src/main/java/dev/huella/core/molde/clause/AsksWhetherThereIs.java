package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;

/** {@code <type> asks whether there is <type>} */
@AutoService(Clause.class)
public final class AsksWhetherThereIs implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} asks whether there is {type}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the first a value of the second is tested to be there at all, other than to put one in its place.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.TestsAbsence.class, (operation, tests) -> {
            CodeType asked = tests.value().type().dimensions() > 0 ? null : tests.value().type().erased();
            if (asked != null && !standsIn(operation, tests)) {
                Deeds.speaking(operation.home()).forEach(speaking -> {
                    into.add(tests.at(), speaking, asked);
                    Hierarchy.above(asked).forEach(above -> into.add(tests.at(), speaking, above));
                    if (asked.shape()) { // not declared: those that have it stand for it
                        asked.subtypes().forEach(kind -> into.add(tests.at(), speaking, kind));
                    }
                });
            }
        });
    }

    /** True when one is put in place where there is none, so that nobody has to ask again. */
    private static boolean standsIn(Operation operation, Deed.TestsAbsence tests) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> switch (deed) {
                    case Deed.Creates creates -> isMissing(creates.within(), tests);
                    case Deed.Sets sets -> isOneOfTwo(sets.value(), tests);
                    case Deed.Returns returns -> returns.value() != null && isOneOfTwo(returns.value(), tests);
                    default -> false;
                });
    }

    private static boolean isOneOfTwo(Flow value, Deed.TestsAbsence tests) {
        return value.origins().stream().anyMatch(tests.value().origins()::contains)
                && value.origins()
                        .stream()
                        .anyMatch(origin -> !tests.value().origins().contains(origin)
                                && !origin.equals(Origin.NOTHING));
    }

    private static boolean isMissing(Setting within, Deed.TestsAbsence tests) {
        for (Setting at = within; at != null; at = at.outer()) {
            if (at.kind() == Setting.Kind.ABSENCE && at.about()
                    .stream()
                    .anyMatch(flow -> flow.any(tests.value().origins()::contains))) {
                return true;
            }
        }
        return false;
    }
}
