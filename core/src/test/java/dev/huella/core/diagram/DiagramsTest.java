package dev.huella.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.match.Matcher;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.DrawingRequest;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DiagramsTest {
    private static final Model MODEL = CodeBase.of("""
            package port.tide; public interface Line { int load(); }""", """
            package port.tide; public class Hemp implements Line { private int worn; public int load() { return 1; }
              static int count() { return 0; } }""", """
            package port.dues; import port.tide.*; public class Office { private Line line = new Hemp();
              public <T> void charge(String name, int days) { new Bill(); } void close() { } }""", """
            package port.dues; public class Bill { } class Ledger { Bill last; }""");

    private static CodeType type(String name) {
        return CodeBase.type(MODEL, name);
    }

    private static List<String> ids(ClassDiagram diagram) {
        return diagram.boxes().stream().map(Box::id).toList();
    }

    @Test
    void distanceSaysHowFarNeighboursMayBe() {
        assertThat(ids(ScopeDiagram.of(MODEL, new Scope.Around(type("Ledger"), 1), View.USUAL)))
                .containsExactly("port.dues.Ledger", "port.dues.Bill");
        assertThat(ids(ScopeDiagram.of(MODEL, new Scope.Around(type("Ledger"), 2), View.USUAL)))
                .contains("port.dues.Office")
                .doesNotContain("port.tide.Hemp");
        assertThat(ids(ScopeDiagram.of(MODEL, new Scope.Around(type("Ledger"), 3), View.USUAL)))
                .contains("port.tide.Hemp", "port.tide.Line");
    }

    @Test
    void aTypeInsideAnotherIsTiedToItAndAFunctionWrittenInItIsNoNeighbour() {
        Model model = CodeBase.of("""
                package port.lock; import java.util.*;
                public class Chamber { static class Key { } static class Gate { Chamber of; }
                  List<String> names; void drop() { names.removeIf(name -> name.isEmpty()); } }""");
        ClassDiagram diagram = ScopeDiagram.of(model, new Scope.Around(CodeBase.type(model, "Chamber"), 1), View.USUAL);
        assertThat(ids(diagram)).containsExactlyInAnyOrder("port.lock.Chamber", "port.lock.Chamber.Key",
                "port.lock.Chamber.Gate");
        assertThat(diagram.links()).extracting(link -> link.ending() + " " + link.from())
                .containsExactlyInAnyOrder("NESTING port.lock.Chamber.Key", "ASSOCIATION port.lock.Chamber.Gate");
    }

    @Test
    void onlyChosenKindsOfRelationsAreFollowedAndDrawn() {
        View inheritance = View.USUAL.along(Set.of(Reach.INHERITANCE));
        ClassDiagram diagram = ScopeDiagram.of(MODEL, new Scope.Around(type("Hemp"), 3), inheritance);
        assertThat(ids(diagram)).containsExactly("port.tide.Hemp", "port.tide.Line");
        assertThat(diagram.links()).singleElement().extracting(Link::ending).isEqualTo(Ending.REALIZATION);
    }

    @Test
    void detailSaysWhatBoxesSay() {
        var scope = new Scope.Picked("two", List.of(type("Hemp"), type("Office")));
        assertThat(ScopeDiagram.of(MODEL, scope, View.USUAL.with(Detail.NAMES)).boxes())
                .allSatisfy(box -> assertThat(box.operations()).isEmpty());
        assertThat(lines(ScopeDiagram.of(MODEL, scope, View.USUAL)))
                .containsExactly("+ load(): int", "+ charge(String, int)");
        assertThat(lines(ScopeDiagram.of(MODEL, scope, View.USUAL.with(new Detail(Detail.Level.ALL, false)))))
                .containsExactly("- worn: int", "+ load()", "~ count()", "- line: Line", "+ charge()", "~ close()");
    }

    private static List<String> lines(ClassDiagram diagram) {
        return diagram.boxes()
                .stream()
                .flatMap(box -> java.util.stream.Stream.concat(box.fields().stream(), box.operations().stream()))
                .map(Member::text)
                .toList();
    }

    @Test
    void hiddenTypesAreCountedBesideThoseThatKnowThem() {
        View view = View.USUAL.hiding(Set.of("port.dues.Bill"));
        ClassDiagram diagram = ScopeDiagram.of(MODEL, new Scope.OfPackage("port.dues"), view);
        assertThat(ids(diagram)).containsExactly("port.dues.Office", "port.dues.Ledger");
        assertThat(diagram.boxes()).allSatisfy(box -> assertThat(box.head().hidden()).isEqualTo(1));
    }

    @Test
    void aFoldedPackageIsOneBoxWithOneLineForEachNeighbour() {
        View view = View.USUAL.framed(true).folding(Set.of("port.tide" + View.WITH_ALL_INSIDE));
        ClassDiagram diagram = ScopeDiagram.of(MODEL, new Scope.Everything(), view);
        assertThat(diagram.boxes()).filteredOn(box -> box.head().look() == Look.FOLDED)
                .singleElement()
                .satisfies(box -> assertThat(box.head().name()).isEqualTo("port.tide"));
        assertThat(diagram.links()).filteredOn(link -> link.to().equals("package port.tide")).hasSize(1);
        assertThat(diagram.boxes()).filteredOn(box -> box.id().equals("port.dues.Bill"))
                .allSatisfy(box -> assertThat(box.frame()).isEqualTo("port.dues"));
    }

    @Test
    void aPackageFoldedAloneLeavesThoseInsideItApart() {
        Model nested = CodeBase.of("package port; public class Quay { port.tide.Gauge gauge; }",
                "package port.tide; public class Gauge { }");
        View each = View.USUAL.framed(true).folding(Set.of("port", "port.tide"));
        ClassDiagram diagram = ScopeDiagram.of(nested, new Scope.Everything(), each);
        assertThat(ids(diagram)).containsExactlyInAnyOrder("package port", "package port.tide");
        assertThat(diagram.boxes()).allSatisfy(box -> assertThat(box.frame()).isNull());
        assertThat(diagram.links()).hasSize(1);
        View all = View.USUAL.framed(true).folding(Set.of("port" + View.WITH_ALL_INSIDE));
        assertThat(ids(ScopeDiagram.of(nested, new Scope.Everything(), all))).containsExactly("package port");
    }

    @Test
    void manyPackagesEachLeadToTheThreeTheyNeedMost() {
        StringBuilder code = new StringBuilder();
        for (int from = 0; from < 8; from++) {
            code.append("namespace P%d { public class Quay%d {".formatted(from, from));
            for (int to = 0; to < 8; to++) {
                for (int times = 0; times <= to && to != from; times++) {
                    code.append(" P%d.Quay%d f%d_%d;".formatted(to, to, to, times));
                }
            }
            code.append(" } }\n");
        }
        Model model = CodeBase.in("cs", code.toString());
        Set<String> each = IntStream.range(0, 8).mapToObj(number -> "P" + number).collect(Collectors.toSet());
        ClassDiagram diagram = ScopeDiagram.of(model, new Scope.Everything(), View.USUAL.framed(true).folding(each));
        assertThat(diagram.boxes()).hasSize(8);
        assertThat(diagram.links()).filteredOn(link -> link.from().equals("package P0"))
                .extracting(Link::to)
                .containsExactlyInAnyOrder("package P7", "package P6", "package P5");
        assertThat(diagram.note()).contains("three it needs most");
    }

    @Test
    void ofTooManyTypesThoseWithMostTiesAreDrawnAndTheRestIsSaid() {
        var scope = new Scope.OfPackage("port.dues");
        ClassDiagram diagram = ScopeDiagram.of(MODEL, scope, View.USUAL.atMost(1));
        assertThat(ids(diagram)).containsExactly("port.dues.Bill");
        assertThat(diagram.note()).startsWith("1 of 3 types");
        assertThat(ScopeDiagram.of(MODEL, scope, View.USUAL.atMost(3)).note()).isEmpty();
        var picked = new Scope.Picked("all", List.of(type("Office"), type("Bill")));
        assertThat(ids(ScopeDiagram.of(MODEL, picked, View.USUAL.atMost(1)))).hasSize(2);
    }

    @Test
    void whatNeighboursUseOfEachOtherIsLeftOut() {
        Model model = CodeBase.of("""
                class Hub { Left left; Right right; } class Left { void call(Right r) { r.answer(); } }
                class Right { void answer() { } }""");
        ClassDiagram diagram = ScopeDiagram.of(model, new Scope.Around(CodeBase.type(model, "Hub"), 1), View.USUAL);
        assertThat(diagram.links()).extracting(Link::ending).doesNotContain(Ending.DEPENDENCY).hasSize(2);
        ClassDiagram far = ScopeDiagram.of(model, new Scope.Around(CodeBase.type(model, "Hub"), 2), View.USUAL);
        assertThat(far.links()).extracting(Link::ending).contains(Ending.DEPENDENCY);
    }

    @Test
    void creationShowsWhoCreatesWhomAndNobodyElse() {
        ClassDiagram diagram = ScopeDiagram.creation(MODEL, new Scope.Everything(), View.USUAL);
        assertThat(ids(diagram)).containsExactlyInAnyOrder("port.tide.Hemp", "port.dues.Office", "port.dues.Bill");
        assertThat(diagram.links()).extracting(Link::label).containsOnly("«create»");
    }

    private static Findings suite(String folder) throws Exception {
        Project project = Project.read(List.of(Path.of("src/test/resources/suite", folder)),
                new SourceFilter(List.of(), List.of(), Set.of()), Work.QUIET);
        return project.find(Catalogue.shipped(), definition -> true, Work.QUIET);
    }

    static List<String> patterns() {
        return Catalogue.shipped()
                .definitions()
                .stream()
                .filter(definition -> !definition.isOpportunity())
                .map(definition -> definition.id())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everyDefinitionHasADiagramWhoseRolesHangTogether(String id) {
        var definition = Catalogue.shipped()
                .definitions()
                .stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
        ClassDiagram diagram = DefinitionDiagram.of(definition);
        assertThat(diagram.boxes()).isNotEmpty();
        assertThat(diagram.boxes().size() == 1 || !diagram.links().isEmpty()).isTrue();
        diagram.links().forEach(link -> assertThat(ids(diagram)).contains(link.from(), link.to()));
        assertThat(Set.copyOf(ids(diagram))).hasSameSizeAs(ids(diagram));
    }

    @Test
    void aComparisonShowsEveryRoleOnBothSides() throws Exception {
        for (Finding finding : suite("strategy").all()) {
            ClassDiagram players = FindDiagram.of(MODEL, finding.instance(), finding.verdicts(), View.USUAL);
            RoleComparison both = RoleComparison.of(finding.instance(), players);
            assertThat(both.roleOf().values()).containsAll(ids(both.definition()));
            assertThat(both.players().boxes()).filteredOn(box -> box.head().look() == Look.MISSING)
                    .allSatisfy(box -> assertThat(box.head().name()).startsWith("no "));
        }
    }

    @Test
    void aCollaborationHasOneRoleLineForEachPlayer() throws Exception {
        Finding finding = suite("strategy").all().getFirst();
        ClassDiagram diagram = FindDiagram.collaboration(MODEL, finding.instance(), finding.verdicts(), View.USUAL);
        assertThat(diagram.links()).filteredOn(link -> link.ending() == Ending.ROLE)
                .hasSize(diagram.boxes().size() - 1)
                .allSatisfy(link -> assertThat(link.label()).isNotEmpty());
    }

    @Test
    void ofManyPlayersOnlyMembersWithAPartAreDrawnAndFewWhoMerelyUseThem() {
        ClassDiagram few = observer(3);
        ClassDiagram many = observer(12);
        assertThat(texts(few)).anyMatch(text -> text.contains("polish"));
        assertThat(few.note()).isEmpty();
        assertThat(texts(many)).anyMatch(text -> text.contains("turned")).noneMatch(text -> text.contains("polish"));
        assertThat(ids(many)).filteredOn(id -> id.matches(".*Bell\\d+")).hasSize(6);
        assertThat(ids(many)).filteredOn(id -> id.contains("Desk")).hasSize(3);
        assertThat(many.note()).contains("members");
    }

    private static List<String> texts(ClassDiagram diagram) {
        return diagram.boxes().stream().flatMap(box -> box.operations().stream()).map(Member::text).toList();
    }

    /** A tide that tells so many bells and is used by as many desks. */
    private static ClassDiagram observer(int players) {
        var code = new StringBuilder(
                """
                        package port; import java.util.*; interface Bell { void turned(); }
                        class Tide { List<Bell> bells = new ArrayList<>(); public void join(Bell bell) { bells.add(bell); }
                          int level; public void turn() { level++; for (Bell bell : bells) { bell.turned(); } } public void polish() { } }
                        """);
        for (int i = 0; i < players; i++) {
            code.append(
                    """
                            class Bell%1$d implements Bell { int rung; public void turned() { rung++; } public void polish() { } }
                            class Desk%1$d { Tide tide; void open() { tide.join(new Bell%1$d()); tide.turn(); } }
                            """
                            .formatted(i));
        }
        Model model = CodeBase.of(code.toString());
        PatternInstance found = new Matcher(model).find(Catalogue.shipped().definition("observer"))
                .instances()
                .getFirst();
        return FindDiagram.of(model, found, List.of(), View.USUAL);
    }

    @Test
    void statesFollowEachOtherWhereTheCodeReplacesThem() throws Exception {
        int machines = 0;
        for (Finding finding : suite("state").all()) {
            StateMachine machine = TransitionTrace.of(finding.instance());
            if (machine != null) {
                machines++;
                assertThat(machine.states().size()).isGreaterThan(1);
                machine.transitions().forEach(one -> {
                    assertThat(machine.states()).contains(one.to());
                    assertThat(one.at()).isNotNull();
                });
                assertThat(DrawingRequest.kinds(new DrawingRequest.OfFind(finding)))
                        .contains(DrawingRequest.Kind.TRANSITIONS);
            }
        }
        assertThat(machines).isGreaterThan(5);
        assertThat(suite("composite").all()).allSatisfy(
                finding -> assertThat(TransitionTrace.of(finding.instance())).isNull());
    }
}
