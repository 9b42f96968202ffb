package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Which operations a body is seen to call, and what it is seen to make, where the language does not say so outright. */
class CallsUnderstoodTest {

    static Stream<Arguments> calls() {
        return Stream.of(
                Arguments.of("swift",
                        "class L { func weight() -> Int { 1 } } class P { let l = L(); func all() -> Int { 25 + l.weight() } }",
                        "P.all", "L.weight"),
                Arguments.of("swift",
                        "class L { func on() -> Bool { true } } class P { let l = L(); func off() -> Bool { !l.on() } }",
                        "P.off", "L.on"),
                Arguments.of("swift",
                        "class L { func weight() -> Int { 1 } } class P { let a = L(); let b = L(); func all() -> Int { a.weight() * 2 + b.weight() } }",
                        "P.all", "L.weight"),
                Arguments.of("py",
                        "class Base:\n  def run(self): return self.step()\nclass Sub(Base):\n  def step(self): return 1\n",
                        "Base.run", "Base.step"),
                Arguments.of("rb", "class Base\n  def run = step\nend\nclass Sub < Base\n  def step = 1\nend\n",
                        "Base.run", "Base.step"),
                Arguments.of("py",
                        "class W:\n  def visit_a(self, n): return n\nclass N:\n  def accept(self, v: W): return getattr(v, 'visit_' + self.kind)(self)\n",
                        "N.accept", "W.visit_a"),
                Arguments.of("py",
                        "class W:\n  def visit_a(self, n): return n\nclass N:\n  def accept(self, v: W):\n    m = getattr(v, f'visit_{self.kind}')\n    return m(self)\n",
                        "N.accept", "W.visit_a"),
                Arguments.of("js",
                        "class W { visitA(n) { return n; } }\nclass N { accept() { const w = new W(); return w[`visit${this.kind}`](this); } }\n",
                        "N.accept", "W.visitA"),
                Arguments.of("rb",
                        "class W\n  def visit_a(n) = n\nend\nclass N\n  def accept\n    w = W.new\n    w.public_send(\"visit_#{kind}\", self)\n  end\nend\n",
                        "N.accept", "W.visit_a"),
                Arguments.of("php",
                        "<?php class W { function visitA($n) { return $n; } } class N { function accept(W $w) { $m = 'visit' . $this->kind; return $w->$m($this); } }",
                        "N.accept", "W.visitA"));
    }

    static Stream<Arguments> signs() {
        return Stream.of(
                Arguments.of("py",
                        "class V:\n  def __or__(self, o): return V()\n  def end(self): return 1\nclass R:\n  def run(self): return (V() | V() | V()).end()\n",
                        "R.run", "V.__or__"),
                Arguments.of("py",
                        "class V:\n  def __invert__(self): return V()\n  def end(self): return 1\nclass R:\n  def run(self): return (~V()).end()\n",
                        "R.run", "V.end"),
                Arguments.of("py",
                        "class V:\n  def __iadd__(self, o): return self\nclass R:\n  def run(self):\n    v = V()\n    v += 1\n",
                        "R.run", "V.__iadd__"),
                Arguments.of("rb",
                        "class V\n  def |(o) = V.new\n  def end_it = 1\nend\nclass R\n  def run = (V.new | V.new | V.new).end_it\nend\n",
                        "R.run", "V.end_it"),
                Arguments.of("kt",
                        "class V { operator fun plus(o: V) = V()\n fun end() = 1 }\nclass R { fun run() = (V() + V() + V()).end() }",
                        "R.run", "V.end"),
                Arguments.of("kt",
                        "class V { operator fun plusAssign(o: V) {} }\nclass R { val v = V()\n fun run() { v += V() } }",
                        "R.run", "V.plusAssign"),
                Arguments.of("cs",
                        "class V { public static V operator &(V a, V b) => new V(); public void End() {} } class R { void Run() { (new V() & new V()).End(); } }",
                        "R.Run", "V.End"),
                Arguments.of("cpp",
                        "struct V { V operator|(const V& o) const { return V(); } void end() {} }; struct R { void run() { V a; (a | V()).end(); } };",
                        "R.run", "V.end"),
                Arguments.of("cpp",
                        "struct V { V& operator+=(const V& o) { return *this; } }; struct R { V v; void run() { v += V(); } };",
                        "R.run", "V.operator+="),
                Arguments.of("swift",
                        "struct V { static func + (a: V, b: V) -> V { V() }\n func end() {} }\nclass R { func run() { (V() + V()).end() } }",
                        "R.run", "V.end"));
    }

    @ParameterizedTest(name = "{0}: {2} calls {3}")
    @MethodSource({"calls", "signs"})
    void aCallIsUnderstood(String ending, String text, String caller, String callee) {
        assertThat(called(operation(CodeBase.in(ending, text), caller))).contains(callee);
    }

    @Test
    void aFixedNameCallsThatOneOnly() {
        Model model = CodeBase.in("py",
                "class W:\n  def visit_a(self, n): return n\n  def visit_b(self, n): return n\nclass N:\n  def accept(self, v: W): return getattr(v, 'visit_a')(self)\n");
        assertThat(called(operation(model, "N.accept"))).contains("W.visit_a").doesNotContain("W.visit_b");
    }

    @Test
    void aHookIsNoMemberThatTheCodeDeclares() {
        Model model = CodeBase.in("py",
                "class Base:\n  def run(self): return self.step()\nclass Sub(Base):\n  def step(self): return 1\n");
        CodeType base = type(model, "Base");
        assertThat(base.operations()).extracting(Operation::name).contains("step");
        assertThat(base.declaredOperations()).extracting(Operation::name).doesNotContain("step");
    }

    @Test
    void aBaseFromOutsideMayHaveWhatSeemsToBeMissing() {
        Model model = CodeBase.in("py",
                "from lib import View\nclass Base(View):\n  def run(self): return self.step()\nclass Sub(Base):\n  def step(self): return 1\n");
        assertThat(type(model, "Base").operations()).extracting(Operation::name).doesNotContain("step");
    }

    @Test
    void aTypeHandedOverIsMadeWhereItArrives() {
        Model model = CodeBase.in("py", """
                class A: pass
                class B: pass
                class Box:
                    def fill(self, kind): self.one = kind()
                def main():
                    box = Box()
                    box.fill(A)
                    box.fill(B)
                """);
        assertThat(made(operation(model, "Box.fill"))).containsExactlyInAnyOrder("A", "B");
    }

    @Test
    void whatIsHandedOverBeyondTheLastParameterIsInIt() {
        Model model = CodeBase.in("py", """
                class Term:
                    def value(self): return 1
                class Sum:
                    def __init__(self, *terms): self.terms = terms
                    def total(self): return [t.value() for t in self.terms]
                Sum(Term(), Term())
                """);
        assertThat(called(operation(model, "Sum.total"))).contains("Term.value");
    }

    private static CodeType type(Model model, String name) {
        return model.types().stream().filter(type -> type.name().equals(name)).findFirst().orElseThrow();
    }

    private static Operation operation(Model model, String name) {
        List<Operation> all = type(model, name.substring(0, name.indexOf('.'))).operations();
        return all.stream()
                .filter(one -> one.name().equals(name.substring(name.indexOf('.') + 1)))
                .findFirst()
                .orElseThrow();
    }

    /** Callees with the name of their type; those of a shape count as those of the types that have it. */
    private static Set<String> called(Operation operation) {
        return operation.deeds()
                .stream()
                .filter(deed -> deed instanceof Deed.Calls calls && calls.callee() != null)
                .map(deed -> ((Deed.Calls) deed).callee())
                .flatMap(callee -> Stream.concat(Stream.of(callee), callee.overriders().stream()))
                .map(callee -> callee.home().name() + "." + callee.name())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<String> made(Operation operation) {
        return operation.deeds()
                .stream()
                .filter(Deed.Creates.class::isInstance)
                .map(deed -> ((Deed.Creates) deed).type().name())
                .toList();
    }
}
