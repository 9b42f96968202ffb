package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.DefinitionFacts.Fact;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import java.util.ArrayDeque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The lines between the roles of a definition, in one of its forms. */
final class DefinitionTies {
    private static final Set<String> ABOVE = Set.of(DefinitionFacts.BELOW, "is right below", "is a");
    private static final Set<String> MAKES = Set.of("puts together", "chooses by its input", "copies its own");
    private static final Set<String> NO_USE = Set.of("belongs to", "differs from", "has", "offers", "overrides",
            "answers by");
    private static final String CREATE = "«create»";
    private static final String USE = "«use»";
    private final PatternDefinition pattern;
    private final DefinitionFacts facts;
    private final Set<Integer> abstractions = new HashSet<>();
    /** For each role or other name, what it is below. */
    private final Map<Integer, Set<Integer>> below = new TreeMap<>();
    /** By the roles at both ends and the kind. */
    private final Map<Tie, Link> links = new LinkedHashMap<>();

    private record Tie(int from, int to, Ending ending) {
        boolean joins(int one, int other) {
            return from == one && to == other;
        }
    }

    DefinitionTies(PatternDefinition pattern, int form) {
        this.pattern = pattern;
        this.facts = new DefinitionFacts(pattern, form);
        facts.facts().forEach(this::tie);
        throughNames();
        links.keySet().removeIf(this::isSaidFurtherDown);
        links.keySet().removeIf(this::isSaidFurtherUp);
    }

    DefinitionFacts facts() {
        return facts;
    }

    /** In the order in which the definition says them. */
    List<Link> links() {
        return List.copyOf(links.values());
    }

    /** How many roles a line leads to or from. */
    int tied() {
        return (int) links.keySet().stream().flatMap(tie -> Stream.of(tie.from, tie.to)).distinct().count();
    }

    /** How many pairs of key roles have lines between them; of a single key role, whether one leads back to it. */
    int keyPairs() {
        long keys = pattern.roles().stream().filter(Role::key).count();
        return (int) links.keySet()
                .stream()
                .filter(tie -> isKey(tie.from) && isKey(tie.to))
                .filter(tie -> tie.from != tie.to || keys == 1)
                .map(tie -> Set.copyOf(List.of(tie.from, tie.to)))
                .distinct()
                .count();
    }

    /** How many lines lead from one role to another. */
    int between() {
        return (int) links.keySet().stream().filter(tie -> tie.from != tie.to).count();
    }

    private boolean isKey(int role) {
        return pattern.roles().get(role).key();
    }

    boolean isAbstraction(int role) {
        return abstractions.contains(role);
    }

    private void tie(Fact fact) {
        String verb = fact.verb();
        if (fact.of().size() == 1) {
            if (verb.equals("is an abstraction")) {
                abstractions.add(facts.role(fact.first()));
            }
            return;
        }
        int from = facts.role(fact.first());
        int to = facts.role(fact.last());
        if (facts.isField(fact.first()) && verb.startsWith("keeps") && facts.isType(fact.last())) {
            String name = facts.isRole(fact.first()) ? pattern.roles().get(fact.first()).name() : "";
            add(from, to, Ending.ASSOCIATION, "", name, verb.contains("many") ? "0..*" : "1");
        } else if (ABOVE.contains(verb)) {
            below.computeIfAbsent(facts.meant(fact.first()), key -> new LinkedHashSet<>())
                    .add(facts.meant(fact.last()));
        } else if (facts.isType(fact.last()) && (verb.contains("creat") || verb.contains("make") || verb.contains("new")
                || MAKES.contains(verb))) {
            add(from, to, Ending.DEPENDENCY, CREATE, "", "");
        } else if (!verb.startsWith("is ") && !NO_USE.contains(verb)) {
            fact.of()
                    .stream()
                    .map(facts::role)
                    .filter(other -> facts.isRole(other) && other != from)
                    .findFirst()
                    .ifPresent(other -> add(from, other, Ending.DEPENDENCY, USE, "", ""));
        }
    }

    /** A role is below another also where names that are no roles stand between. */
    private void throughNames() {
        for (int role : below.keySet().stream().filter(facts::isRole).toList()) {
            Set<Integer> seen = new LinkedHashSet<>();
            var ahead = new ArrayDeque<>(below.get(role));
            while (!ahead.isEmpty()) {
                int above = ahead.pop();
                if (seen.add(above)) {
                    if (facts.isRole(above)) {
                        add(role, above, Ending.GENERALIZATION, "", "", "");
                    } else {
                        ahead.addAll(below.getOrDefault(above, Set.of()));
                    }
                }
            }
        }
    }

    /** Between two roles the first line of a kind stands; a weak one only where there is none. */
    private void add(int from, int to, Ending ending, String label, String role, String multiplicity) {
        boolean weak = ending == Ending.DEPENDENCY;
        boolean there = links.keySet().stream().anyMatch(tie -> tie.joins(from, to));
        boolean ofItself = from == to && ending == Ending.GENERALIZATION || from == to && label.equals(USE);
        if (from < 0 || to < 0 || ofItself || there && weak) {
            return;
        }
        links.keySet().removeIf(tie -> tie.joins(from, to) && tie.ending == Ending.DEPENDENCY);
        links.putIfAbsent(new Tie(from, to, ending),
                new Link(ending, id(from), id(to), label, role, multiplicity, false, null));
    }

    /** A line to what is above another one to which a line of the same kind leads says nothing more. */
    private boolean isSaidFurtherDown(Tie tie) {
        return (tie.ending == Ending.GENERALIZATION || tie.ending == Ending.DEPENDENCY) && links.keySet()
                .stream()
                .filter(up -> up.ending == Ending.GENERALIZATION && up.to == tie.to && up.from != tie.from)
                .anyMatch(up -> isLike(tie, new Tie(tie.from, up.from, tie.ending)));
    }

    /** What the one above uses or holds, those below do as well. */
    private boolean isSaidFurtherUp(Tie tie) {
        return tie.ending == Ending.DEPENDENCY && links.keySet()
                .stream()
                .filter(up -> up.ending == Ending.GENERALIZATION && up.from == tie.from && up.to != tie.to)
                .anyMatch(up -> links.containsKey(new Tie(up.to, tie.to, Ending.ASSOCIATION))
                        || isLike(tie, new Tie(up.to, tie.to, tie.ending)));
    }

    private boolean isLike(Tie one, Tie other) {
        return links.containsKey(other) && links.get(other).label().equals(links.get(one).label());
    }

    private String id(int role) {
        return DefinitionDiagram.id(pattern.roles().get(role).name());
    }
}
