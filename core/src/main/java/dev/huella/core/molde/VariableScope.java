package dev.huella.core.molde;

import java.util.ArrayList;
import java.util.List;

/** The names that one definition speaks of: roles first, then local names as they come up. */
final class VariableScope {
    private final List<String> names = new ArrayList<>();
    private final List<Sort> sorts = new ArrayList<>();

    int declare(String name, Sort sort) {
        names.add(name);
        sorts.add(sort);
        return names.size() - 1;
    }

    /** Null for a name that is not known or whose sort is not settled yet. */
    Sort sort(String name) {
        int index = names.indexOf(name);
        return index < 0 ? null : sorts.get(index);
    }

    /** The number of a name; a new local name gets one. */
    int number(String name) {
        int index = names.indexOf(name);
        return index >= 0 ? index : declare(name, null);
    }

    boolean settled(int variable) {
        return sorts.get(variable) != null;
    }

    void settle(int variable, Sort sort) {
        sorts.set(variable, sort);
    }

    List<String> names() {
        return List.copyOf(names);
    }
}
