package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.match.PatternInstance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A definition and a find of it, to be shown side by side.
 *
 * @param definition its roles
 * @param players those who play them; a role that nobody plays is an outline with the role's name
 * @param roleOf for each box of {@code players} the box of {@code definition} that it faces
 */
public record RoleComparison(ClassDiagram definition, ClassDiagram players, Map<String, String> roleOf) {
    public RoleComparison {
        roleOf = Map.copyOf(roleOf);
    }

    /** The roles that a player faces. One with nothing declared above it stands for the abstraction as well. */
    private static List<String> roles(Box box) {
        List<String> tags = box.head().tags();
        return tags.stream()
                .filter(tag -> !tags.contains("concrete-" + tag))
                .map(DefinitionDiagram::id)
                .distinct()
                .toList();
    }

    /** The two sides. {@code players}: the diagram of the find, with tags. */
    public static RoleComparison of(PatternInstance instance, ClassDiagram players) {
        ClassDiagram definition = DefinitionDiagram.of(instance.pattern());
        Map<String, String> roleOf = new HashMap<>();
        Map<String, String> first = new HashMap<>();
        List<Box> boxes = new ArrayList<>();
        Map<String, Integer> carriers = new HashMap<>();
        players.boxes().forEach(box -> roles(box).forEach(role -> carriers.merge(role, 1, Integer::sum)));
        for (Box box : players.boxes()) {
            boxes.add(box);
            List<String> roles = roles(box);
            roles.stream().min(Comparator.comparing(carriers::get)).ifPresent(role -> {
                roleOf.put(box.id(), role); // what few others play says most about it
                first.putIfAbsent(role, box.id());
            });
            roles.stream().filter(role -> carriers.get(role) == 1).forEach(role -> first.putIfAbsent(role, box.id()));
        }
        List<Link> links = new ArrayList<>(players.links());
        for (Box role : definition.boxes()) {
            if (!first.containsKey(role.id())) {
                String id = "missing " + role.id();
                boxes.add(new Box(id, null, new Head("no " + role.head().name(), false, "", List.of(), Look.MISSING,
                        0), List.of(), List.of(), null));
                roleOf.put(id, role.id());
                first.put(role.id(), id);
            }
        }
        for (Link link : definition.links()) {
            String from = first.get(link.from());
            String to = first.get(link.to());
            if (from.startsWith("missing ") || to.startsWith("missing ")) {
                links.add(new Link(link.ending(), from, to, "", "", "", false, null));
            }
        }
        return new RoleComparison(definition, new ClassDiagram(players.title(), boxes, links), roleOf);
    }
}
