package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What fields hold where no type is written: who is put there, and what is asked of it. */
class UntypedPlacesTest {
    private static final String PYTHON = """
            class Tug:
                def pull(self): self.busy = True
            class Barge:
                def pull(self): self.load = 3
            """;
    private static final String RUBY = """
            class Tug
              def pull = @busy = true
            end
            class Barge
              def pull = @load = 3
            end
            """;
    private static final String SCRIPT = """
            class Tug { pull() { this.busy = true; } }
            class Barge { pull() { this.load = 3; } }
            """;

    static Stream<Arguments> places() {
        return Stream.of(inPython(), inRuby(), inJavaScript()).flatMap(one -> one);
    }

    private static Stream<Arguments> inPython() {
        return Stream.of(
                Arguments.of("py", PYTHON + """
                        class Port:
                            def __init__(self, ship): self.ship = ship
                            def call(self): self.ship.pull()
                        Port(Tug())
                        Port(Barge())
                        """, Multiplicity.ONE, List.of("Barge", "Tug")),
                Arguments.of("py", PYTHON + """
                        class Port:
                            def __init__(self): self.ship = {}
                            def add(self, kind, ship): self.ship.setdefault(kind, []).append(ship)
                            def call(self):
                                for one in self.ship.get("a", []): one.pull()
                        port = Port()
                        port.add("a", Tug())
                        port.add("a", Barge())
                        """, Multiplicity.MANY, List.of("Barge", "Tug")),
                Arguments.of("py", PYTHON + """
                        class Port:
                            def __init__(self): self.ship = []
                            def add(self, ship): self.ship = self.ship + [ship]
                            def call(self):
                                for one in self.ship: one.pull()
                        Port().add(Tug())
                        """, Multiplicity.MANY, List.of("Tug")));
    }

    private static Stream<Arguments> inRuby() {
        return Stream.of(
                Arguments.of("rb", RUBY + """
                        class Port
                          attr_reader :ship
                          def initialize(ship)
                            @ship = ship
                          end
                          def call = ship.pull
                        end
                        Port.new(Tug.new)
                        Port.new(Barge.new)
                        """, Multiplicity.ONE, List.of("Barge", "Tug")),
                Arguments.of("rb", RUBY + """
                        class Port
                          def initialize
                            @ship = Hash.new { |all, kind| all[kind] = [] }
                          end
                          def add(kind, ship) = @ship[kind] << ship
                          def call = @ship[:a].each { |one| one.pull }
                        end
                        Port.new.add(:a, Tug.new)
                        """, Multiplicity.MANY, List.of("Tug")));
    }

    private static Stream<Arguments> inJavaScript() {
        return Stream.of(
                Arguments.of("js", SCRIPT + """
                        class Port {
                          ship = new Tug();
                          change(ship) { this.ship = ship; }
                          call() { this.ship.pull(); }
                        }
                        new Port().change(new Barge());
                        """, Multiplicity.ONE, List.of("Barge", "Tug")),
                Arguments.of("js", SCRIPT + """
                        class Port {
                          constructor(ship = new Tug()) { this.ship = ship; }
                          call() { this.ship.pull(); }
                        }
                        new Port(new Barge());
                        """, Multiplicity.ONE, List.of("Barge", "Tug")),
                Arguments.of("js", SCRIPT + """
                        class Port {
                          ship = [];
                          add(ship) { this.ship = [...this.ship, ship]; }
                          call() { this.ship.forEach((one) => one.pull()); }
                        }
                        const port = new Port();
                        port.add(new Tug());
                        port.add(new Barge());
                        """, Multiplicity.MANY, List.of("Barge", "Tug")));
    }

    @ParameterizedTest(name = "{0} {2} {3}")
    @MethodSource("places")
    void holdWhatIsPutThere(String ending, String code, Multiplicity many, List<String> held) {
        Model model = CodeBase.in(ending, code);
        Field ship = CodeBase.type(model, "Port").fields().getFirst();
        assertThat(ship.held().many()).isEqualTo(many);
        assertThat(names(model, ship.held().type())).isEqualTo(held);
    }

    /** The type itself, or for a shape those that have it. */
    private static List<String> names(Model model, TypeUse use) {
        CodeType type = use.type();
        return !type.shape()
                ? List.of(type.name())
                : model.types()
                        .stream()
                        .filter(one -> one.supertypes().stream().anyMatch(above -> above.type() == type))
                        .map(CodeType::name)
                        .sorted()
                        .toList();
    }

    @Test
    void namesOfContainersAloneMakeNoShape() {
        Model model = CodeBase.in("py", """
                class Log:
                    def append(self, line): self.last = line
                class Book:
                    def append(self, page): self.page = page
                class Desk:
                    def __init__(self, out): self.out = out
                    def write(self): self.out.append("x")
                """);
        assertThat(model.types()).noneMatch(CodeType::shape);
    }

    @Test
    void whatOffersTheSameAndPassesItOnStandsIn() {
        Model model = CodeBase.in("py", """
                class Vault:
                    def put(self, key): self.key = key
                    def get(self): return self.key
                class Counting:
                    def __init__(self): self.vault = Vault()
                    def put(self, key): self.vault.put(key)
                    def get(self): return self.vault.get()
                """);
        CodeType shape = CodeBase.type(model, "Counting").supertypes().getFirst().type();
        assertThat(shape.shape()).isTrue();
        assertThat(CodeBase.type(model, "Vault").supertypes()).extracting(TypeUse::type).containsExactly(shape);
    }

    @Test
    void whatOffersMoreDoesNotStandIn() {
        Model model = CodeBase.in("py", """
                class Engine:
                    def start(self): self.on = True
                    def stop(self): self.on = False
                class Launch:
                    def __init__(self): self.engine = Engine()
                    def start(self): self.engine.start()
                    def stop(self): self.engine.stop()
                    def sail(self): self.miles = 1
                """);
        assertThat(CodeBase.type(model, "Launch").supertypes()).isEmpty();
    }
}
