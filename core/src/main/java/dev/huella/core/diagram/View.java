package dev.huella.core.diagram;

import java.util.Set;

/**
 * How a person wants a class diagram.
 *
 * @param along which relations are followed and drawn
 * @param hidden ids of boxes that are left out
 * @param shown qualified names of types that are added
 * @param framed packages are drawn as frames
 * @param folded packages whose own types are drawn as one box, or, with {@link #WITH_ALL_INSIDE} behind the name,
 *            with all packages inside them; only where {@code framed}
 * @param most how many types of a package, or of all, are drawn: those with the most ties to the others; where it is
 *            limited, boxes and lines of many types say less as well
 */
public record View(Detail detail, Set<Reach> along, Set<String> hidden, Set<String> shown, boolean framed,
        Set<String> folded, int most) {
    /** Behind the name of a folded package: so are all inside it. */
    public static final String WITH_ALL_INSIDE = ".*";
    public static final View USUAL = new View(Detail.USUAL, Reach.ALL, Set.of(), Set.of(), false, Set.of(),
            Integer.MAX_VALUE);

    public View {
        along = Set.copyOf(along);
        hidden = Set.copyOf(hidden);
        shown = Set.copyOf(shown);
        folded = Set.copyOf(folded);
    }

    public View with(Detail other) {
        return new View(other, along, hidden, shown, framed, folded, most);
    }

    public View along(Set<Reach> kinds) {
        return new View(detail, kinds, hidden, shown, framed, folded, most);
    }

    public View hiding(Set<String> ids) {
        return new View(detail, along, ids, shown, framed, folded, most);
    }

    public View showing(Set<String> names) {
        return new View(detail, along, hidden, names, framed, folded, most);
    }

    public View framed(boolean frames) {
        return new View(detail, along, hidden, shown, frames, folded, most);
    }

    public View folding(Set<String> packages) {
        return new View(detail, along, hidden, shown, framed, packages, most);
    }

    public View atMost(int types) {
        return new View(detail, along, hidden, shown, framed, folded, types);
    }
}
