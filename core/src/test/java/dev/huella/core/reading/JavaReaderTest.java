package dev.huella.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JavaReaderTest {
    private static TypeDeclared only(String text) {
        FileFacts facts = CodeBase.read("T.java", text);
        assertThat(facts.problems()).isEmpty();
        return facts.types().getFirst();
    }

    private static List<Step> body(String statements) {
        TypeDeclared type = only("class T { void run() { " + statements + " } }");
        return type.operations().getFirst().body();
    }

    @Test
    void importsSayWhatTheyBring() {
        FileFacts facts = CodeBase.read("T.java",
                "package a.b;\nimport java.util.List;\nimport java.io.*;\nimport static a.C.MAX;\nimport static a.C.*;\nimport module java.base;\nclass T {}");
        assertThat(facts.namespace()).isEqualTo("a.b");
        assertThat(facts.imports()).containsExactly(new ImportSeen("java.util.List", false, false),
                new ImportSeen("java.io", false, true), new ImportSeen("a.C.MAX", true, false),
                new ImportSeen("a.C", true, true));
        assertThat(facts.problems()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"class T {},CLASS", "interface T {},INTERFACE", "enum T { A },ENUM", "record T(int a) {},RECORD",
            "@interface T {},INTERFACE", "sealed interface T permits A {},INTERFACE"})
    void kindsOfTypes(String text, TypeKind kind) {
        assertThat(only(text).kind()).isEqualTo(kind);
    }

    @Test
    void aRecordHasItsComponentsAccessorsAndConstructor() {
        TypeDeclared type = only("record Tide(double level, String place) { public String place() { return \"x\"; } }");
        assertThat(type.fields()).extracting(field -> field.name()).containsExactly("level", "place");
        assertThat(type.operations()).extracting(OperationDeclared::name).containsExactly("place", "Tide", "level");
    }

    @Test
    void enumConstantsWithBodiesAreTypesOfTheirOwn() {
        TypeDeclared type = only("enum Light { RED { int wait() { return 9; } }, GREEN; int wait() { return 0; } }");
        assertThat(type.fields()).hasSize(2);
        assertThat(type.fields().getFirst().inner()).singleElement()
                .satisfies(inner -> assertThat(inner.operations()).hasSize(1));
    }

    @Test
    void interfaceMembersArePublicAndWithoutBodyAbstract() {
        TypeDeclared type = only("interface T { void a(); default void b() {} static void c() {} int MAX = 3; }");
        assertThat(type.operations()).extracting(operation -> operation.modifiers().has(Mark.ABSTRACT))
                .containsExactly(true, false, false);
        assertThat(type.fields().getFirst().modifiers().has(Mark.STATIC)).isTrue();
    }

    @Test
    void anEmptyBodyIsThereAndDoesNothing() {
        TypeDeclared type = only("abstract class T { void a() {} abstract void b(); }");
        assertThat(type.operations().get(0).body()).isEmpty();
        assertThat(type.operations().get(1).body()).isNull();
    }

    @Test
    void stepsAndValuesComeInOrder() {
        List<Step> steps = body("""
                int n = 1; for (var s : list) { s.go(n); } if (x == null) return; else y = z;
                switch (n) { case 1 -> a(); default -> { b(); } } throw new Stop();""");
        assertThat(steps).extracting(Object::getClass)
                .containsExactly(Step.Declare.class, Step.Loop.class,
                        Step.Choose.class, Step.Choose.class, Step.Throw.class);
        assertThat(((Step.Choose) steps.get(3)).branches()).hasSize(2);
    }

    @Test
    void switchesAsValuesYieldWhatTheirBranchesGive() {
        var declared = (Step.Declare) body(
                "Object o = switch (k) { case 1 -> new A(); case 2 -> { yield new B(); } default -> null; };")
                .getFirst();
        var either = (Value.Either) declared.initial();
        assertThat(either.branches()).hasSize(3)
                .allSatisfy(
                        branch -> assertThat(branch.steps().getLast()).isInstanceOf(Step.Yield.class));
    }

    @Test
    void functionsAndReferences() {
        var call = (Value.Call) ((Step.Do) body("each(x -> x.go(), Tide::new, this::run, (a, b) -> { });").getFirst())
                .value();
        assertThat(call.arguments()).extracting(Object::getClass)
                .containsExactly(Value.Function.class,
                        Value.Reference.class, Value.Reference.class, Value.Function.class);
        assertThat(((Value.Reference) call.arguments().get(1)).name()).isEqualTo("new");
    }

    @Test
    void anonymousTypesAreNamedAfterWhatHoldsThem() {
        TypeDeclared type = only("class T { Runnable job = new Runnable() { public void run() {} }; }");
        assertThat(type.fields().getFirst().inner().getFirst())
                .satisfies(inner -> assertThat(inner.name()).isEqualTo("job"))
                .satisfies(inner -> assertThat(inner.anonymous()).isTrue());
    }

    @Test
    void aBrokenFileGivesWhatItHasAndSaysWhere() {
        FileFacts facts = CodeBase.read("Relay.java",
                "class Relay {\n  int a;\n  void bad(String m {\n    a++;\n  }\n  int good() { return a; }\n}\n");
        assertThat(facts.problems()).isNotEmpty().allSatisfy(problem -> assertThat(problem.line()).isEqualTo(3));
        assertThat(facts.types().getFirst().operations()).extracting(OperationDeclared::name).contains("good");
        assertThat(facts.types().getFirst().unreadable()).isNotEmpty();
    }

    @Test
    void aConstructorMayDoSomethingBeforeItHandsOn() {
        TypeDeclared type = only(
                "class A extends B { A(int x) { if (x < 0) { throw new E(); } super(x); y = x; } A() { int z = 3; this(z); } }");
        assertThat(type.operations())
                .allSatisfy(operation -> assertThat(operation.body()).anySatisfy(step -> assertThat(step)
                        .isInstanceOfSatisfying(Step.Do.class,
                                done -> assertThat(done.value()).isInstanceOf(Value.Construct.class))));
    }

    @Test
    void columnsCountLettersNotBytes() {
        FileFacts facts = CodeBase.read("T.java", "/* ñandú */ class Ñu {}");
        assertThat(facts.types().getFirst().at().column()).isEqualTo(13);
        assertThat(facts.types().getFirst().name()).isEqualTo("Ñu");
    }

    @Test
    void cutAndMutatedFilesNeverThrow() {
        String text = "package p; import java.util.*; class A<T extends B> extends C implements D { int[] x = {1, 2}; "
                + "A() { this(1); } <R> R go(T t, int... n) throws E { return switch (t) { case F f when f.ok() -> null; "
                + "default -> new G<>() { void h() {} }; }; } enum K { L(1) { }, M; } record N(int o) { N { } } }";
        var random = new Random(7);
        for (int i = 0; i < 400; i++) {
            int cut = random.nextInt(text.length());
            String mutated = i % 2 == 0
                    ? text.substring(0, cut)
                    : text.substring(0, cut) + (char) (32 + random.nextInt(90))
                            + text.substring(Math.min(text.length(), cut + random.nextInt(5)));
            assertThat(CodeBase.of(mutated).files()).hasSize(1);
        }
    }
}
