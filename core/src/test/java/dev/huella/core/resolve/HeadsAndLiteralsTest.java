package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Relation;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands above a type, and what a value that nobody gave a type is called in its language. */
class HeadsAndLiteralsTest {

    private static List<String> above(Model model, String type) {
        return model.relations()
                .stream()
                .filter(relation -> relation.from().name().equals(type))
                .filter(relation -> relation.kind() == Relation.Kind.REALIZATION
                        || relation.kind() == Relation.Kind.GENERALIZATION)
                .map(relation -> relation.kind().word() + " " + relation.to().name())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            java  | import org.sea.*; class Tug extends Boat implements Moored {}
            php   | <?php class Tug extends \\Sea\\Boat implements \\Sea\\Moored {}
            ts    | import { Boat, Moored } from 'sea'; class Tug extends Boat implements Moored {}
            swift | import Sea; class Tug: Boat, Moored {}
            """)
    void whatIsRealisedIsAnInterfaceEvenOutside(String ending, String text) {
        assertThat(above(CodeBase.in(ending, text), "Tug"))
                .containsExactlyInAnyOrder("generalization Boat", "realization Moored");
    }

    @Test
    void aTypeMadeOfItsOwnLikeIsNoContainerOfIt() {
        Model model = CodeBase.of("""
                import java.nio.file.Path;
                class Chart { Path file; Iterable<Path> all; java.util.function.Function<Path, Object> name = p -> p; }
                """);
        assertThat(CodeBase.type(model, "Chart").fields())
                .extracting(field -> field.name() + " " + field.held().many().text())
                .containsExactly("file 1", "all 0..*", "name 1");
    }

    /** In C# a type with parameters and one of the same name without any are two, and so are the types within them. */
    @Test
    void typesOfOneNameAreToldApartByTheirParameters() {
        Model model = CodeBase.in("cs",
                """
                        class Net { public class Knot { } }
                        class Net<T> { public class Knot { } public static Net<T> Make() => new Net<T>(); public int Pull() => 1; }
                        class Boat { Net<int>.Knot held; Net.Knot plain; int Go() => Net<int>.Make().Pull(); }
                        """);
        assertThat(CodeBase.type(model, "Boat").fields())
                .extracting(field -> field.name() + " " + field.type().type().outer().variables().size() + " "
                        + field.type().text())
                .containsExactly("held 1 Net<int>.Knot", "plain 0 Net.Knot");
        assertThat(CodeBase.type(model, "Boat").operations())
                .flatExtracting(Operation::deeds)
                .filteredOn(Deed.Calls.class::isInstance)
                .extracting(deed -> ((Deed.Calls) deed).callee().home().variables().size())
                .containsExactly(1, 1);
    }

    /** What hides from a grammar is looked for in the text: none of that may cost depth where a text is long. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            java  | // | class Tug { }
            kt    | // | class Tug(val a: Int) : Boat(a), Moored by Buoy(a) { fun f() = a }
            cs    | // | class Tug(int a) : Boat(a) { int[] b = []; }
            cpp   | // | class Tug : public Boat { };
            ts    | // | class Tug extends Boat { }
            js    | // | class Tug extends Boat { }
            php   | // | class Tug extends Boat { }
            py    | #  | class Tug(Boat): pass
            rb    | #  | class Tug < Boat; end
            swift | // | class Tug: Boat { }
            """)
    void longTextsAreNotDeep(String ending, String comment, String type) {
        String start = ending.equals("php") ? "<?php\n" : "";
        String line = comment + " class x (" + "a, b<c>, [d] \"e\" f : g by h, object : i ".repeat(2000) + "\n";
        Model model = CodeBase.in(ending, start + line.repeat(20) + type + "\n");
        assertThat(model.files().getFirst().problems()).isEmpty();
        assertThat(CodeBase.type(model, "Tug")).isNotNull();
    }

    @Test
    void aHiddenTypeOfAFileIsItsOwn() {
        Model model = CodeBase.filesIn("swift",
                "private final class Box {}\nextension Box { func open() {} }",
                "private final class Box {}\nextension Box { func close() {} }");
        List<CodeType> boxes = model.types().stream().filter(type -> type.name().equals("Box")).toList();
        assertThat(boxes).hasSize(2)
                .allSatisfy(box -> assertThat(box.operations()).filteredOn(one -> !one.isConstructor()).hasSize(1));
        assertThat(boxes).flatExtracting(CodeType::operations)
                .filteredOn(one -> !one.isConstructor())
                .extracting(Operation::name)
                .containsExactlyInAnyOrder("open", "close");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            swift | class A { var a = "x"; var b = 1; var c = true; var d = 1.5 }                            | String Int Bool Double
            kt    | class A { val b = 1; val c = true; val d = 1.5 }                                         | Int Boolean Double
            ts    | class A { a = 'x'; b = 1; c = true; d = 1.5 }                                            | string number boolean number
            py    | class A:~  def __init__(self):~    self.a = 'x'~    self.b = 1~    self.c = True | str int bool
            rb    | class A~  def initialize~    @a = 'x'~    @b = 1~    @c = true~  end~end     | String Integer Boolean
            """)
    void literalsAreCalledWhatTheLanguageCallsThem(String ending, String text, String expected) {
        CodeType type = CodeBase.type(CodeBase.in(ending, text.replace('~', '\n')), "A");
        assertThat(type.fields()).extracting(field -> field.type().text()).containsExactly(expected.split(" "));
    }

    @Test
    void theTextOfAnArrayIsThatOfItsElements() {
        CodeType type = CodeBase.type(CodeBase.in("swift", "protocol K {}\nclass A { var all: [K] = []; var one: K? }"),
                "A");
        assertThat(type.fields()).extracting(field -> field.type().text()).containsExactly("K", "K");
        assertThat(type.fields().getFirst().type().dimensions()).isOne();
    }

    @Test
    void severalValuesHandedOnAsOneHaveNoSingleType() {
        CodeType type = CodeBase.type(
                CodeBase.in("swift", "class A { func f() -> (String, Int)? { return (\"a\", 1) } }"),
                "A");
        assertThat(type.operations().getFirst().returns().type()).isNull();
        assertThat(type.operations().getFirst().returns().text()).isEqualTo("(String, Int)");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            rb | class Hull~end~class Log~  def call(env)~    [200, env, Hull.new]~  end~end                   | none
            rb | class Hull~end~class Log~  def call(env)~    [Hull.new, Hull.new]~  end~end                   | Hull
            py | class Hull: pass~class Log:~  def call(self, env):~    return [env, Hull()]                  | none
            """)
    void whatIsHandedBackTogetherIsAListOnlyOfItsLike(String ending, String text, String element) {
        Operation call = CodeBase.type(CodeBase.in(ending, text.replace('~', '\n')), "Log")
                .operations()
                .stream()
                .filter(one -> one.name().equals("call"))
                .findFirst()
                .orElseThrow();
        CodeType of = call.returns().type();
        assertThat(of == null ? "none" : of.name()).isEqualTo(element);
        assertThat(call.returns().dimensions()).isOne();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            py  | class A:~  def f(self, x):~    self.x = x                                | true
            py  | class A:~  def f(self, x):~    return x                                  | false
            py  | class A:~  def f(self): raise NotImplementedError~class B(A):~  def f(self): return 1 | false
            js  | class A { f(x) { this.x = x; } }                                         | true
            js  | class A { f(x) { this.x = x; return this.x; } }                          | false
            rb  | class A~  def f(x)~    @x = x~  end~end                                  | false
            php | <?php class A { private $x; function f($x) { $this->x = $x; } }          | true
            php | <?php class A { function f($x) { yield $x; } }                           | false
            """)
    void whatNeverHandsAnythingBackHasNoResult(String ending, String text, boolean nothing) {
        Operation f = CodeBase.type(CodeBase.in(ending, text.replace('~', '\n')), "A")
                .operations()
                .stream()
                .filter(one -> one.name().equals("f"))
                .findFirst()
                .orElseThrow();
        assertThat(f.returns().isVoid()).isEqualTo(nothing);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            cs    | class A { int a, b; void f(int x, int y) { (a, b) = (x, y); } }
            cs    | class A { int a, b; void f(int x, int y) => (this.a, b) = (x, y); }
            ts    | class A { a = 0; b = 0; f(x: number, y: number) { [this.a, this.b] = [x, y]; } }
            swift | class A { var a = 0; var b = 0; func f(x: Int, y: Int) { (self.a, b) = (x, y) } }
            php   | <?php class A { public $a; public $b; function f($x, $y) { [$this->a, $this->b] = [$x, $y]; } }
            php   | <?php class A { public $a; public $b; function f($x, $y) { list($this->a, $this->b) = array($x, $y); } }
            rb    | class A~  attr_reader :a, :b~  def f(x, y)~    @a, @b = x, y~  end~end
            py    | class A:~  def __init__(self):~    self.a = self.b = 0~  def f(self, x, y):~    self.a, self.b = x, y
            """)
    void fieldsSetTogetherAreSetOneByOne(String ending, String text) {
        Operation f = CodeBase.type(CodeBase.in(ending, text.replace('~', '\n')), "A")
                .operations()
                .stream()
                .filter(one -> one.name().equals("f"))
                .findFirst()
                .orElseThrow();
        assertThat(f.deeds()).filteredOn(Deed.Sets.class::isInstance)
                .extracting(deed -> ((Deed.Sets) deed).field().name() + ((Deed.Sets) deed).value().first())
                .containsExactly("a" + new Origin.OfParameter(f, 0), "b" + new Origin.OfParameter(f, 1));
    }
}
