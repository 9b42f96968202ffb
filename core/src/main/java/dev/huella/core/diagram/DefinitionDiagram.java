package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.Sort;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A definition as a class diagram, drawn from its clauses: a box for each role that a type plays, with the operations
 * and fields that play in it, and a line for what ties two of them.
 */
public final class DefinitionDiagram {
    private final PatternDefinition pattern;
    private final List<Formula.Atom> atoms = new ArrayList<>();
    /** Which type each field and operation stands in, by numbers of variables. */
    private final Map<Integer, Integer> home = new TreeMap<>();
    private final Map<Integer, String> shape = new HashMap<>();
    private final Map<List<Integer>, Link> links = new LinkedHashMap<>();

    private DefinitionDiagram(PatternDefinition pattern) {
        this.pattern = pattern;
        pattern.recognised().forEach(this::collect);
        pattern.variants().stream().findFirst().ifPresent(variant -> variant.clauses().forEach(this::collect));
    }

    public static ClassDiagram of(PatternDefinition pattern) {
        return new DefinitionDiagram(pattern).diagram();
    }

    /** Roles that a find can do without and that merely use others, as clients do. */
    static Set<String> users(PatternDefinition pattern) {
        Set<String> more = of(pattern).links()
                .stream()
                .filter(link -> link.ending() != Ending.DEPENDENCY)
                .map(link -> role(link.from()))
                .collect(Collectors.toSet());
        return pattern.roles()
                .stream()
                .filter(role -> role.least() == 0 && !more.contains(role.name()))
                .map(Role::name)
                .collect(Collectors.toSet());
    }

    /** Names of two roles, from and to, for each line of a definition's diagram. */
    static Set<List<String>> ties(PatternDefinition pattern) {
        return of(pattern).links()
                .stream()
                .map(link -> List.of(role(link.from()), role(link.to())))
                .collect(Collectors.toSet());
    }

    private static String role(String id) {
        return id.substring("role ".length());
    }

    /** The id of a role's box. */
    static String id(String role) {
        return "role " + role;
    }

    private void collect(Formula formula) {
        switch (formula) {
            case Formula.Atom atom -> atoms.add(atom);
            case Formula.All all -> all.of().forEach(this::collect);
            case Formula.Either either -> collect(either.of().getFirst());
            case Formula.Not _, Formula.Whenever _ -> {
                // what must not be is no part of the picture
            }
        }
    }

    private ClassDiagram diagram() {
        atoms.forEach(this::settle);
        for (int role = 0; role < pattern.roles().size(); role++) {
            home.putIfAbsent(role, owner(role));
        }
        atoms.forEach(this::tie);
        List<Box> boxes = new ArrayList<>();
        for (int role = 0; role < pattern.roles().size(); role++) {
            if (isType(role)) {
                boxes.add(box(role));
            }
        }
        return new ClassDiagram(pattern.id(), boxes, List.copyOf(links.values()));
    }

    private boolean isField(int variable) {
        return role(variable) != null && role(variable).sort() == Sort.FIELD;
    }

    private boolean isType(int variable) {
        return variable < pattern.roles().size() && pattern.roles().get(variable).sort() == Sort.TYPE;
    }

    /** What the clause says of where members stand, and of what is only promised. */
    private void settle(Formula.Atom atom) {
        List<Integer> of = terms(atom);
        String verb = verb(atom);
        if (of.size() == 1 && verb.equals("is an abstraction")) {
            shape.put(of.getFirst(), "abstract");
        }
        if (of.size() == 2 && (verb.equals("belongs to") || verb.equals("is offered by"))) {
            home.putIfAbsent(of.getFirst(), of.getLast());
        }
        if (of.size() == 2 && (verb.equals("offers") || verb.equals("has"))) {
            home.putIfAbsent(of.getLast(), of.getFirst());
        }
    }

    /** A member whose place no clause tells stands in the first type that a clause names with it; -1 for none. */
    private int owner(int member) {
        if (isType(member)) {
            return member;
        }
        for (Formula.Atom atom : atoms) {
            List<Integer> of = terms(atom);
            if (of.getFirst() == member && of.stream().anyMatch(other -> other != member && isField(other))) {
                int field = of.stream().filter(other -> other != member && isField(other)).findFirst().orElseThrow();
                return home.getOrDefault(field, -1); // who works on a field stands where the field does
            }
        }
        return atoms.stream()
                .map(this::terms)
                .filter(of -> of.contains(member))
                .flatMap(of -> of.stream().map(other -> isType(other) ? other : home.getOrDefault(other, -1)))
                .filter(type -> type >= 0 && isType(type))
                .findFirst()
                .orElse(-1);
    }

    private void tie(Formula.Atom atom) {
        List<Integer> of = terms(atom);
        if (of.size() < 2) {
            return;
        }
        String verb = verb(atom);
        int from = home.getOrDefault(of.getFirst(), -1);
        int to = home.getOrDefault(of.getLast(), -1);
        if (isField(of.getFirst()) && verb.startsWith("keeps") && isType(of.getLast())) {
            String many = verb.contains("many") ? "0..*" : "1";
            add(from, to, Ending.ASSOCIATION, "", role(of.getFirst()).name(), many);
        } else if (verb.equals("is below") || verb.equals("is right below") || verb.equals("is a")
                || verb.equals("is a form of")) {
            add(from, to, Ending.GENERALIZATION, "", "", "");
        } else if (verb.contains("wraps") || verb.contains("at hand")) {
            add(from, to, Ending.AGGREGATION, "", "", "");
        } else if (verb.contains("creat") || verb.contains("make") || verb.contains("new")) {
            add(from, to, Ending.DEPENDENCY, "«create»", "", "");
        } else if (!verb.equals("belongs to") && !verb.equals("differs from") && !verb.startsWith("is ")) {
            add(from, to, Ending.DEPENDENCY, "«use»", "", "");
        }
    }

    /** Between two roles the first line of a kind stands; a weak one only where there is none. */
    private void add(int from, int to, Ending ending, String label, String role, String multiplicity) {
        boolean there = links.keySet().stream().anyMatch(key -> key.get(0) == from && key.get(1) == to);
        if (from < 0 || to < 0 || !isType(from) || !isType(to)
                || from == to && ending != Ending.ASSOCIATION || there && ending == Ending.DEPENDENCY) {
            return;
        }
        links.keySet()
                .removeIf(key -> key.get(0) == from && key.get(1) == to
                        && key.get(2) == Ending.DEPENDENCY.ordinal());
        links.putIfAbsent(List.of(from, to, ending.ordinal()), new Link(ending, id(pattern.roles().get(from).name()),
                id(pattern.roles().get(to).name()), label, role, multiplicity, false, null));
    }

    private Role role(int variable) {
        return variable < pattern.roles().size() ? pattern.roles().get(variable) : null;
    }

    private List<Integer> terms(Formula.Atom atom) {
        return atom.terms().stream().filter(Formula.Term::isVariable).map(Formula.Term::variable).toList();
    }

    private static String verb(Formula.Atom atom) {
        String syntax = atom.clause() == null ? atom.phrase().syntax() : atom.clause().syntax();
        return syntax.replaceAll("\\{\\w+}", "").strip().replaceAll(" +", " ");
    }

    private Box box(int number) {
        Role role = pattern.roles().get(number);
        List<Member> fields = new ArrayList<>();
        List<Member> operations = new ArrayList<>();
        for (int other = 0; other < pattern.roles().size(); other++) {
            Role member = pattern.roles().get(other);
            if (member.sort() != Sort.TYPE && home.getOrDefault(other, -1) == number) {
                boolean field = member.sort() == Sort.FIELD;
                String text = field ? "- " + member.name() : "+ " + member.name() + "()";
                (field ? fields : operations).add(new Member(null, text, false, false, false));
            }
        }
        var head = new Head(role.name(), "abstract".equals(shape.get(number)), "", List.of(),
                role.key() ? Look.FOCUS : Look.PLAIN, 0);
        return new Box(id(role.name()), null, head, fields, operations, null);
    }
}
