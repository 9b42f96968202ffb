package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.Sort;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A definition as a class diagram, drawn from its clauses: a box for each role that a type plays, with the operations
 * and fields that play in it, and a line for what ties two of them. Of several forms the one is drawn that ties most
 * roles, and of those the one with most lines between key roles, then between any; roles that it does not tie hang on as in the
 * other forms.
 */
public final class DefinitionDiagram {
    private final PatternDefinition pattern;
    private final List<DefinitionTies> forms;
    private final DefinitionTies main;

    private DefinitionDiagram(PatternDefinition pattern) {
        this.pattern = pattern;
        this.forms = IntStream.range(0, Math.max(1, pattern.variants().size()))
                .mapToObj(form -> new DefinitionTies(pattern, form))
                .toList();
        this.main = forms.stream()
                .max(Comparator.comparingInt(DefinitionTies::tied)
                        .thenComparingInt(DefinitionTies::keyPairs)
                        .thenComparingInt(DefinitionTies::between)
                        .thenComparing(forms::indexOf, Comparator.reverseOrder()))
                .orElseThrow();
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

    private ClassDiagram diagram() {
        List<Link> links = new ArrayList<>(main.links());
        for (DefinitionTies form : forms) {
            Set<String> tied = links.stream()
                    .flatMap(link -> Stream.of(link.from(), link.to()))
                    .collect(Collectors.toSet());
            form.links()
                    .stream()
                    .filter(link -> !tied.contains(link.from()) || !tied.contains(link.to()))
                    .forEach(links::add);
        }
        List<Box> boxes = new ArrayList<>();
        for (int role = 0; role < pattern.roles().size(); role++) {
            if (pattern.roles().get(role).sort() == Sort.TYPE) {
                boxes.add(box(role));
            }
        }
        return new ClassDiagram(pattern.id(), boxes, links);
    }

    /** In the main form, or in the first that knows it. */
    private int home(int member) {
        return Stream.concat(Stream.of(main), forms.stream())
                .map(form -> form.facts().role(member))
                .filter(role -> role >= 0)
                .findFirst()
                .orElse(-1);
    }

    private Box box(int number) {
        Role role = pattern.roles().get(number);
        List<Member> fields = new ArrayList<>();
        List<Member> operations = new ArrayList<>();
        for (int other = 0; other < pattern.roles().size(); other++) {
            Role member = pattern.roles().get(other);
            if (member.sort() != Sort.TYPE && home(other) == number) {
                boolean field = member.sort() == Sort.FIELD;
                String text = field ? "- " + member.name() : "+ " + member.name() + "()";
                (field ? fields : operations).add(new Member(null, text, false, false, false));
            }
        }
        var head = new Head(role.name(), main.isAbstraction(number), "", List.of(),
                role.key() ? Look.FOCUS : Look.PLAIN, 0);
        return new Box(id(role.name()), null, head, fields, operations, null);
    }
}
