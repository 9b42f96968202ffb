package dev.huella.core.diagram;

import dev.huella.core.conformance.Verdict;
import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The players of a find with their roles, and what breaks marked. */
public final class FindDiagram {
    private static final int MOST_OF_A_ROLE = 6;
    private static final int MOST_MEMBERS = 5;

    private FindDiagram() {}

    public static ClassDiagram of(Model model, PatternInstance instance, List<Verdict> verdicts) {
        Map<CodeType, List<String>> tags = new LinkedHashMap<>();
        Set<Element> members = new LinkedHashSet<>();
        int left = 0;
        for (var role : instance.players().entrySet()) {
            int shown = 0;
            for (Player player : role.getValue()) {
                if (player.element() instanceof CodeType type) {
                    if (tags.containsKey(type) || shown++ < MOST_OF_A_ROLE) {
                        tags.computeIfAbsent(type, key -> new ArrayList<>()).add(role.getKey());
                    } else {
                        left++;
                    }
                } else {
                    members.add(player.element());
                }
            }
        }
        Set<SourceSpan> places = new LinkedHashSet<>();
        verdicts.stream()
                .filter(verdict -> verdict.kind() == Verdict.Kind.BROKEN)
                .forEach(verdict -> places.addAll(verdict.places()));
        Set<Element> broken = new LinkedHashSet<>();
        tags.keySet()
                .forEach(type -> type.operations()
                        .stream()
                        .filter(operation -> operation.place() != null
                                && places.contains(operation.place()))
                        .forEach(broken::add));
        members.addAll(broken);
        var contents = new BoxContents(members, broken, MOST_MEMBERS);
        List<Box> boxes = new ArrayList<>();
        int hidden = left;
        tags.forEach((type, roles) -> boxes.add(new Box(type, roles, BoxContents.stereotype(type),
                contents.fields(type), contents.operations(type), boxes.isEmpty(), boxes.isEmpty() ? hidden : 0)));
        return new ClassDiagram(title(instance), boxes,
                LinkChoice.between(model, tags.keySet(), relation -> touches(relation, places)));
    }

    private static boolean touches(Relation relation, Set<SourceSpan> places) {
        return relation.kind() == Relation.Kind.DEPENDENCY && relation.places().stream().anyMatch(places::contains);
    }

    /** Names of the key players: what people call the find. */
    public static String title(PatternInstance instance) {
        List<String> names = new ArrayList<>();
        instance.pattern()
                .roles()
                .stream()
                .filter(role -> role.key())
                .forEach(role -> instance.playing(role.name())
                        .stream()
                        .findFirst()
                        .ifPresent(player -> names.add(player.name())));
        return String.join(" → ", names);
    }
}
