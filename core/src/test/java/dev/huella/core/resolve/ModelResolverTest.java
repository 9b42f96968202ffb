package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Relation;
import dev.huella.core.source.Problem;
import dev.huella.core.source.Work;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ModelResolverTest {
    private static Field field(Model model, String type, String name) {
        return CodeBase.type(model, type)
                .fields()
                .stream()
                .filter(field -> field.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static List<Deed.Calls> calls(Model model, String type, String operation) {
        return CodeBase.type(model, type)
                .operations()
                .stream()
                .filter(one -> one.name().equals(operation))
                .flatMap(one -> one.deeds().stream())
                .filter(Deed.Calls.class::isInstance)
                .map(Deed.Calls.class::cast)
                .toList();
    }

    private static boolean related(Model model, Relation.Kind kind, String from, String to) {
        return model.relations()
                .stream()
                .anyMatch(relation -> relation.kind() == kind
                        && relation.from().name().equals(from) && relation.to().name().equals(to));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Tug t|ONE", "java.util.List<Tug> t|MANY", "Tug[] t|MANY",
            "java.util.Map<String, Tug> t|MANY", "java.util.Map<String, java.util.List<Tug>> t|MANY",
            "java.util.Optional<Tug> t|OPTIONAL", "java.util.concurrent.atomic.AtomicReference<Tug> t|OPTIONAL"})
    void containersAreLookedInto(String declaration, Multiplicity many) {
        Model model = CodeBase.of("class Tug {} class Port { %s; }".formatted(declaration));
        assertThat(field(model, "Port", "t").held().many()).isEqualTo(many);
        assertThat(field(model, "Port", "t").held().type().type().name()).isEqualTo("Tug");
    }

    @Test
    void rawContainersTakeTheirElementFromWhatIsPutIn() {
        Model model = CodeBase.of(
                "import java.util.*; class Tug {} class Port { Vector t = new Vector(); void add(Tug u) { t.addElement(u); } }");
        assertThat(field(model, "Port", "t").held().type().type().name()).isEqualTo("Tug");
    }

    @Test
    void genericResultsAndFunctionsAreInferred() {
        Model model = CodeBase.of("""
                import java.util.*;
                class Tug { String name() { return ""; } boolean free() { return true; } }
                class Port { List<Tug> tugs; Optional<String> first() {
                    return tugs.stream().filter(t -> t.free()).map(Tug::name).findFirst().map(n -> n.trim()); } }""");
        assertThat(calls(model, "Port", "first"))
                .extracting(call -> call.callee() == null ? "?" : call.callee().home().name())
                .doesNotContain("?")
                .contains("Tug", "String");
    }

    @Test
    void namesAreLookedUpThroughNestingInheritanceImportsAndPackage() {
        Model model = CodeBase.of("package a; public class Base { public static class Inner { public void go() {} } }",
                "package b; import a.Base; class Sub extends Base { Inner i; Local l; void run() { i.go(); } class Local {} }",
                "package b; class Other { Sub s; missing.Thing t; }");
        assertThat(field(model, "Sub", "i").type().type().qualifiedName()).isEqualTo("a.Base.Inner");
        assertThat(field(model, "Sub", "l").type().type().qualifiedName()).isEqualTo("b.Sub.Local");
        assertThat(field(model, "Other", "s").type().type().qualifiedName()).isEqualTo("b.Sub");
        assertThat(field(model, "Other", "t").type().type().external()).isTrue();
    }

    @Test
    void overloadsAreChosenByNumberAndType() {
        Model model = CodeBase.of(
                "class A {} class B extends A {} class T { void f(A a) {} void f(int i) {} void f(A a, A b) {} void run() { f(new B()); f(3); f(null, null); } }");
        assertThat(calls(model, "T", "run")).extracting(call -> call.callee().signature())
                .containsExactly("f(A)",
                        "f(int)", "f(A, A)");
    }

    @Test
    void functionsRealiseTheInterfaceTheyAreGivenFor() {
        Model model = CodeBase.of(
                "interface Watcher { void seen(int n); } class Post { void add(Watcher w) {} } class Desk { void open(Post p) { p.add(n -> { }); } }");
        CodeType function = model.types()
                .stream()
                .filter(type -> type.kind() == TypeKind.FUNCTION)
                .findFirst()
                .orElseThrow();
        assertThat(function.supertypes().getFirst().type().name()).isEqualTo("Watcher");
        assertThat(function.operations().getFirst().overridden()).extracting(Operation::name).containsExactly("seen");
        assertThat(related(model, Relation.Kind.REALIZATION, function.name(), "Watcher")).isTrue();
    }

    @Test
    void originsAreFollowedThroughLocalsCopiesAndIterators() {
        Model model = CodeBase.of("""
                import java.util.*;
                interface L { void on(); }
                class S { List<L> ls = new ArrayList<>();
                  void a() { for (L l : new ArrayList<>(ls)) l.on(); }
                  void b() { Iterator<L> it = ls.iterator(); while (it.hasNext()) { L l = it.next(); l.on(); } }
                  void c() { ls.forEach(L::on); }
                  void d() { ls.forEach(l -> l.on()); } }""");
        for (String name : List.of("a", "b", "c", "d")) {
            assertThat(calls(model, "S", name)).filteredOn(call -> call.name().equals("on"))
                    .as(name)
                    .isNotEmpty()
                    .allSatisfy(call -> assertThat(call.receiver().origins().getFirst())
                            .isInstanceOf(Origin.ElementOf.class));
        }
    }

    @Test
    void compositionOnlyWhenMadeAndNotHandedOut() {
        Model model = CodeBase.of(
                "class P {} class Owner { P p = new P(); } class Leaky { P p = new P(); P p() { return p; } } class Given { P p; Given(P p) { this.p = p; } } "
                        + "class Gathering { java.util.List<P> all = new java.util.ArrayList<>(); void add(P p) { all.add(p); } }");
        assertThat(related(model, Relation.Kind.COMPOSITION, "Owner", "P")).isTrue();
        assertThat(related(model, Relation.Kind.COMPOSITION, "Leaky", "P")).isFalse();
        assertThat(related(model, Relation.Kind.ASSOCIATION, "Leaky", "P")).isTrue();
        assertThat(related(model, Relation.Kind.ASSOCIATION, "Given", "P")).isTrue();
        assertThat(related(model, Relation.Kind.AGGREGATION, "Gathering", "P")).isTrue();
    }

    @Test
    void realizationOfInterfacesGeneralizationOtherwise() {
        Model model = CodeBase
                .of("interface I {} interface J extends I {} abstract class A implements I {} class B extends A {}");
        assertThat(related(model, Relation.Kind.REALIZATION, "A", "I")).isTrue();
        assertThat(related(model, Relation.Kind.GENERALIZATION, "J", "I")).isTrue();
        assertThat(related(model, Relation.Kind.GENERALIZATION, "B", "A")).isTrue();
    }

    @Test
    void everyPlaceOfARelationIsKept() {
        Model model = CodeBase.of("class P {}\nclass T {\n void a() { new P(); }\n void b() { new P(); }\n}");
        assertThat(model.relations()).filteredOn(relation -> relation.stereotype().equals("create"))
                .singleElement()
                .satisfies(relation -> assertThat(relation.places()).extracting(place -> place.line())
                        .containsExactly(3, 4));
    }

    @Test
    void aCallWhoseNameIsMissingEndsNothing() {
        Model model = CodeBase.in("py", "class P:\n  def one(self): return 1\np = P()\np.()\np.one()\n");
        assertThat(model.files().getFirst().problems()).isNotEmpty();
        assertThat(calls(model, "code", "<main>")).anyMatch(call -> call.callee() != null);
    }

    @Test
    void aLongSumIsFollowedToItsEnd() throws Exception {
        String sum = "class P { String one() { return null; } } class T { P p; String all() { return \"\"%s; } }"
                .formatted(" + p.one()".repeat(1500));
        FileFacts facts = withStack(64 << 20, () -> CodeBase.read("F.java", sum));
        Model model = withStack(512 << 10, () -> ModelResolver.resolve(List.of(facts), Work.QUIET));
        assertThat(calls(model, "T", "all")).hasSize(1500);
    }

    @ParameterizedTest
    @CsvSource({"void all() { p%s; }, T.all() does", "P q = new P()%s;, T begins with"})
    void whatIsNestedTooDeeplyIsSaidAndTheRestIsKept(String member, String named) throws Exception {
        String chain = "class P { P one() { return this; } }\nclass T {\n P p;\n %s\n void end() { p.one(); }\n}"
                .formatted(member.formatted(".one()".repeat(3000)));
        FileFacts facts = withStack(64 << 20, () -> CodeBase.read("F.java", chain));
        Model model = withStack(512 << 10, () -> ModelResolver.resolve(List.of(facts), Work.QUIET));
        assertThat(model.files().getFirst().problems()).singleElement()
                .returns(4, Problem::line)
                .extracting(Problem::message)
                .asString()
                .startsWith("What %s is nested too deeply".formatted(named));
        assertThat(calls(model, "T", "all")).isEmpty();
        assertThat(calls(model, "T", "end")).hasSize(1);
    }

    /** What is found by a thread that may go so many bytes deep. */
    private static <T> T withStack(long bytes, Callable<T> work) throws Exception {
        var task = new FutureTask<>(work);
        new Thread(null, task, "deep", bytes).start();
        return task.get();
    }

    @Test
    void theOrderOfThreadsDoesNotShow() {
        String[] files = new String[40];
        for (int i = 0; i < files.length; i++) {
            files[i] = "class C%d { C%d next; Runnable r = () -> next.go(); void go() { new C%d(); vendor.X.call(%d); } }"
                    .formatted(i, (i + 1) % 40, (i + 3) % 40, i);
        }
        List<String> first = CodeBase.of(files).relations().stream().map(Relation::toString).toList();
        for (int round = 0; round < 3; round++) {
            assertThat(CodeBase.of(files).relations().stream().map(Relation::toString).toList()).isEqualTo(first);
        }
    }

    /** A protocol may be for subtypes of one class, and the class keep to it; in a circle nothing would be above the rest. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            swift | class View {} protocol Shown: View {} extension View: Shown {}
            java  | class View extends Shown {} class Shown extends View {}
            py    | class View(Shown): pass ; class Shown(View): pass
            """)
    void noTypeIsAboveItself(String ending, String text) {
        Model model = CodeBase.in(ending, text.replace(" ; ", "\n"));
        CodeType view = CodeBase.type(model, "View");
        CodeType shown = CodeBase.type(model, "Shown");
        assertThat(view.supertypes()).extracting(use -> use.type()).containsExactly(shown);
        assertThat(shown.supertypes()).isEmpty();
    }
}
