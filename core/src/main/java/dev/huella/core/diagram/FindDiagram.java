package dev.huella.core.diagram;

import dev.huella.core.conformance.Verdict;
import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The players of a find with their roles, and what breaks marked. */
public final class FindDiagram {
    private static final int MOST_OF_A_ROLE = 6;
    /** Where there are many players, of those that merely use others. */
    private static final int FEW_OF_A_ROLE = 3;
    private static final int MOST_MEMBERS = 5;
    /** Up to so many players, there is room for what they do beside their roles. */
    private static final int ROOMY = 9;
    /** Up to so many lines, all can be followed. */
    private static final int CLEAR = 24;
    private final Model model;
    private final PatternInstance instance;
    private final View view;
    private final Map<CodeType, List<String>> tags = new LinkedHashMap<>();
    private final Set<Element> members = new LinkedHashSet<>();
    private final boolean crowded;
    private int left;

    private FindDiagram(Model model, PatternInstance instance, View view) {
        this.model = model;
        this.instance = instance;
        this.view = view;
        long players = instance.players()
                .values()
                .stream()
                .flatMap(role -> role.stream()
                        .map(Player::element)
                        .filter(CodeType.class::isInstance)
                        .limit(MOST_OF_A_ROLE))
                .distinct()
                .count();
        this.crowded = players > ROOMY;
        Set<String> users = crowded ? DefinitionDiagram.users(instance.pattern()) : Set.of();
        instance.players()
                .forEach((role, all) -> tag(role, all, users.contains(role) ? FEW_OF_A_ROLE : MOST_OF_A_ROLE));
    }

    private void tag(String role, List<Player> players, int most) {
        int shown = 0;
        for (Player player : players) {
            if (!(player.element() instanceof CodeType type)) {
                members.add(player.element());
            } else if (tags.containsKey(type) || shown++ < most) {
                tags.computeIfAbsent(type, key -> new ArrayList<>()).add(role);
            } else {
                left++;
            }
        }
    }

    /** The players, with names of roles as tags on their boxes. */
    public static ClassDiagram of(Model model, PatternInstance instance, List<Verdict> verdicts, View view) {
        return new FindDiagram(model, instance, view).players(verdicts);
    }

    /** The players around the dashed ellipse of the collaboration, a line to each with the name of its role. */
    public static ClassDiagram collaboration(Model model, PatternInstance instance, List<Verdict> verdicts,
            View view) {
        ClassDiagram players = of(model, instance, verdicts, view);
        String centre = "collaboration " + instance.pattern().id();
        List<Box> boxes = new ArrayList<>();
        boxes.add(new Box(centre, null, new Head(instance.pattern().id().replace('-', ' '), false, "", List.of(),
                Look.COLLABORATION, 0), List.of(), List.of(), null));
        List<Link> links = new ArrayList<>(players.links());
        for (Box box : players.boxes()) {
            boxes.add(box.tagged(List.of()));
            links.add(new Link(Ending.ROLE, box.id(), centre, String.join(", ", box.head().tags()), "", "", false,
                    null));
        }
        return new ClassDiagram(players.title(), boxes, links);
    }

    private ClassDiagram players(List<Verdict> verdicts) {
        Set<SourceSpan> places = new LinkedHashSet<>();
        verdicts.stream()
                .filter(verdict -> verdict.kind() == Verdict.Kind.BROKEN)
                .forEach(verdict -> places.addAll(verdict.places()));
        Set<Element> broken = new LinkedHashSet<>();
        for (CodeType type : tags.keySet()) {
            type.operations()
                    .stream()
                    .filter(operation -> operation.place() != null && places.contains(operation.place()))
                    .forEach(broken::add);
        }
        members.addAll(broken);
        BoxContents contents = contents(broken);
        var boxes = new Boxes(view.framed());
        tags.forEach((type, roles) -> {
            boolean first = boxes.types().isEmpty();
            if (!view.hidden().contains(type.qualifiedName())) {
                boxes.add(type, roles, first ? Look.FOCUS : Look.PLAIN, first ? left : 0, contents);
            }
        });
        for (String name : view.shown()) {
            CodeType type = model.type(name);
            if (type != null && !boxes.types().contains(type)) {
                boxes.add(type, List.of(), Look.PLAIN, 0, contents);
            }
        }
        List<Link> links = LinkChoice.between(model, boxes, view.along(), relation -> touches(relation, places));
        List<Link> telling = links.size() <= CLEAR ? links : telling(links, boxes);
        boolean allMembers = !crowded || view.detail().level() != Detail.Level.PUBLIC;
        return new ClassDiagram(title(instance), boxes.all(), telling,
                note(telling.size() == links.size(), allMembers));
    }

    /** Of many players only the members that play a role or break on it, so that all of them can be read at once. */
    private BoxContents contents(Set<Element> broken) {
        if (view.detail().level() == Detail.Level.ALL) {
            return new BoxContents(members, broken, view.detail(), 40);
        }
        return crowded
                ? new BoxContents(members, broken, new Detail(view.detail().level(), false), MOST_MEMBERS)
                        .onlyImportant()
                : new BoxContents(members, broken, view.detail(), MOST_MEMBERS);
    }

    private static String note(boolean allLines, boolean allMembers) {
        if (allLines) {
            return allMembers ? "" : "Of the members, only those with a part in it are drawn.";
        }
        return allMembers
                ? "Of what the players use, only what the definition speaks of is drawn."
                : "Of members and uses, only those with a part in it are drawn.";
    }

    /** Without what players merely use of each other, unless the definition ties their roles or an obligation breaks. */
    private List<Link> telling(List<Link> links, Boxes boxes) {
        Set<List<String>> ties = DefinitionDiagram.ties(instance.pattern());
        Map<String, List<String>> roles = new HashMap<>();
        tags.forEach((type, names) -> roles.put(boxes.id(type), names));
        return links.stream()
                .filter(link -> link.ending() != Ending.DEPENDENCY || link.broken()
                        || tied(roles.get(link.from()), roles.get(link.to()), ties))
                .toList();
    }

    /** True as well for types that a person added, which play nothing. */
    private static boolean tied(List<String> from, List<String> to, Set<List<String>> ties) {
        return from == null || to == null || from.stream()
                .anyMatch(one -> to.stream().anyMatch(other -> ties.contains(List.of(one, other))));
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
