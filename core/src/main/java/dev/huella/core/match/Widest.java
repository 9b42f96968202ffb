package dev.huella.core.match;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Where one type has the same shape over several hierarchies that the same players belong to, it is told once: over the
 * one that takes in most of them, and of those that take in the same, over the nearest.
 */
public final class Widest {

    private Widest() {}

    /** Those that no other covers, in their order. */
    public static List<PatternInstance> of(PatternDefinition definition, List<PatternInstance> instances) {
        List<Role> keys = definition.roles().stream().filter(Role::key).toList();
        List<Role> players = definition.roles().stream().filter(role -> !role.key()).toList();
        if (keys.size() != 2 || players.isEmpty()) {
            return instances;
        }
        Map<List<Element>, List<PatternInstance>> about = new LinkedHashMap<>();
        instances.forEach(instance -> about
                .computeIfAbsent(instance.playing(keys.getFirst().name()), key -> new ArrayList<>())
                .add(instance));
        Set<PatternInstance> kept = Collections.newSetFromMap(new IdentityHashMap<>());
        about.values()
                .forEach(alike -> IntStream.range(0, alike.size())
                        .filter(i -> IntStream.range(0, alike.size())
                                .noneMatch(j -> j != i
                                        && covers(alike.get(j), alike.get(i), keys.getLast(), players, j < i)))
                        .forEach(i -> kept.add(alike.get(i))));
        return instances.stream().filter(kept::contains).toList();
    }

    private static boolean covers(PatternInstance other, PatternInstance mine, Role hierarchy, List<Role> players,
            boolean first) {
        if (!(only(other, hierarchy) instanceof CodeType their) || !(only(mine, hierarchy) instanceof CodeType own)) {
            return false;
        }
        boolean all = players.stream()
                .allMatch(role -> new HashSet<>(other.playing(role.name())).containsAll(mine.playing(role.name())));
        boolean same = all && players.stream()
                .allMatch(role -> other.playing(role.name()).size() == mine.playing(role.name()).size());
        return same ? isNearer(their, own, first) : all;
    }

    /** Below the other; of two that have nothing to do with each other a class, then the first. */
    private static boolean isNearer(CodeType one, CodeType other, boolean first) {
        if (below(one).contains(other) || below(other).contains(one)) {
            return below(other).contains(one);
        }
        boolean classes = one.kind() == TypeKind.CLASS == (other.kind() == TypeKind.CLASS);
        return classes ? first : one.kind() == TypeKind.CLASS;
    }

    private static Set<CodeType> below(CodeType type) {
        Set<CodeType> below = new HashSet<>();
        List<CodeType> open = new ArrayList<>(type.subtypes());
        while (!open.isEmpty()) {
            CodeType next = open.removeLast();
            if (below.add(next)) {
                open.addAll(next.subtypes());
            }
        }
        return below;
    }

    private static Element only(PatternInstance instance, Role role) {
        List<Element> players = instance.playing(role.name());
        return players.size() == 1 ? players.getFirst() : null;
    }
}
