package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** "Why not?" must not disagree with what is found. */
class ReasoningTest {
    private static final String DESK = """
            interface Rate { int of(int days); }
            class Daily implements Rate { public int of(int days) { return days * 4; } }
            class Desk {
                private final Rate rate;
                Desk(Rate rate) { this.rate = rate; }
                int due(int days) { return rate.of(days); }
            }
            class Office { int first() { return new Desk(new Daily()).due(3); } }
            """;

    @ParameterizedTest(name = "{0}")
    @MethodSource("dev.huella.core.SuiteFolders#patterns")
    void whatIsFoundIsExplainedAsFound(Path folder) throws Exception {
        Project project = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET);
        var matcher = new Matcher(project.model());
        PatternDefinition definition = Catalogue.shipped().definition(folder.getFileName().toString());
        var reasoning = new Reasoning(matcher);
        List<String> disagreeing = new ArrayList<>();
        for (PatternInstance instance : matcher.find(definition).instances()) {
            List<CodeType> types = new ArrayList<>();
            for (Role role : definition.roles()) {
                List<Player> players = role.key() ? instance.players().get(role.name()) : null;
                if (players != null && players.size() == 1 && players.getFirst().element() instanceof CodeType type
                        && !types.contains(type)) {
                    types.add(type);
                }
            }
            if (!types.isEmpty() && reasoning.explain(definition, types).stream().noneMatch(Reasoning.Reading::whole)) {
                disagreeing.add(instance.id());
            }
        }
        assertThat(disagreeing).isEmpty();
    }

    @Test
    void tooFewPlayersAreSaid() {
        assertThat(steps(CodeBase.of(DESK))).anySatisfy(step -> {
            assertThat(step.clause()).isEqualTo("at least 2 play concrete-strategy, found 1: Daily");
            assertThat(step.outcome()).isEqualTo(Reasoning.Outcome.FAILED);
        });
    }

    @Test
    void enoughPlayersHold() {
        Model model = CodeBase.of(DESK,
                "class Weekly implements Rate { public int of(int days) { return days / 7 * 20; } }");
        assertThat(steps(model)).anySatisfy(step -> {
            assertThat(step.clause()).startsWith("at least 2 play concrete-strategy, found 2: ");
            assertThat(step.outcome()).isEqualTo(Reasoning.Outcome.HELD);
        });
    }

    private static List<Reasoning.Step> steps(Model model) {
        return new Reasoning(new Matcher(model))
                .explain(Catalogue.shipped().definition("strategy"),
                        List.of(CodeBase.type(model, "Desk"), CodeBase.type(model, "Rate")))
                .getFirst()
                .steps();
    }
}
