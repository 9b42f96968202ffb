package dev.huella.core.match;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
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
        return IntStream.range(0, instances.size())
                .filter(i -> IntStream.range(0, instances.size())
                        .noneMatch(j -> j != i && covers(definition, instances.get(j), instances.get(i), j < i)))
                .mapToObj(instances::get)
                .toList();
    }

    private static boolean covers(PatternDefinition definition, PatternInstance other, PatternInstance mine,
            boolean first) {
        List<Role> keys = definition.roles().stream().filter(Role::key).toList();
        List<Role> players = definition.roles().stream().filter(role -> !role.key()).toList();
        Element theirs = keys.size() == 2 ? only(other, keys.getLast()) : null;
        Element own = keys.size() == 2 ? only(mine, keys.getLast()) : null;
        if (!(theirs instanceof CodeType their) || !(own instanceof CodeType type)
                || !other.playing(keys.getFirst().name()).equals(mine.playing(keys.getFirst().name()))) {
            return false;
        }
        boolean some = players.stream().anyMatch(role -> !mine.playing(role.name()).isEmpty());
        boolean all = some && players.stream()
                .allMatch(role -> new HashSet<>(other.playing(role.name())).containsAll(mine.playing(role.name())));
        boolean same = all && players.stream()
                .allMatch(role -> other.playing(role.name()).size() == mine.playing(role.name()).size());
        return same ? isNearer(their, type, first) : all;
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
