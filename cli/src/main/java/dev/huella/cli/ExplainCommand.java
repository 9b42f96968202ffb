package dev.huella.cli;

import dev.huella.core.conformance.Finding;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.Reasoning.Reading;
import dev.huella.core.match.Reasoning.Step;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Yield;
import dev.huella.core.project.Explanation;
import dev.huella.core.project.FindingText;
import dev.huella.core.project.Project;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code huella explain}: why types are an instance of a pattern, or why not. */
@Command(name = "explain", mixinStandardHelpOptions = true, description = "Prints why types are a pattern, or why not: each clause, held or failed.")
final class ExplainCommand implements Callable<Integer> {
    @Mixin
    SourceOptions options;
    @Option(names = "--pattern", paramLabel = "ID", required = true, description = "The pattern or opportunity.")
    String pattern;
    @Option(names = "--type", paramLabel = "NAME", required = true, arity = "1..*", description = "The types, by simple or qualified name; with \"<T>\" where a type without parameters has the same.")
    List<String> types;

    @Override
    public Integer call() throws Exception {
        Catalogue catalogue = options.catalogue();
        PatternDefinition definition = catalogue.definition(pattern);
        if (definition == null) {
            throw new IllegalArgumentException("There is no pattern %s. There are: %s.".formatted(pattern,
                    Stream.concat(catalogue.definitions().stream(), catalogue.opportunities().stream())
                            .map(PatternDefinition::id)
                            .collect(Collectors.joining(", "))));
        }
        Project project = options.read();
        Explanation explanation = project.explain(definition, types);
        String instead = explanation.readings().stream().anyMatch(Reading::whole)
                ? instead(project, catalogue, explanation)
                : "";
        options.write(out -> {
            write(explanation, out);
            out.write(instead);
        });
        return 0;
    }

    /** Which more special finds are listed in its place, where it gives way to them; else empty. */
    private static String instead(Project project, Catalogue catalogue, Explanation explanation) {
        Set<String> special = explanation.pattern().yields().stream().map(Yield::pattern).collect(Collectors.toSet());
        List<PatternInstance> found = project.find(catalogue,
                one -> one == explanation.pattern() || special.contains(one.id()), Work.QUIET)
                .all()
                .stream()
                .map(Finding::instance)
                .filter(instance -> instance.players()
                        .values()
                        .stream()
                        .flatMap(List::stream)
                        .anyMatch(player -> explanation.types().contains(player.element())))
                .toList();
        boolean listed = found.stream().anyMatch(instance -> instance.pattern() == explanation.pattern());
        return listed || found.isEmpty()
                ? ""
                : "It is not listed, for what is more special says it of the same players: %s.%n".formatted(
                        found.stream().map(PatternInstance::id).distinct().collect(Collectors.joining(", ")));
    }

    private static void write(Explanation explanation, Writer out) throws IOException {
        for (Reading reading : explanation.readings()) {
            String form = reading.variant().isEmpty() ? "" : " (" + reading.variant() + ")";
            out.write("%s%s with %s: %s%n".formatted(explanation.pattern().id(), form, reading.playing()
                    .entrySet()
                    .stream()
                    .map(role -> role.getValue() + " as " + role.getKey())
                    .collect(Collectors.joining(", ")), outcome(reading)));
            for (Step step : reading.steps()) {
                out.write("    %-9s %s  %s%n".formatted(switch (step.outcome()) {
                    case HELD -> "holds";
                    case FAILED -> "fails";
                    case UNDECIDED -> "not asked";
                }, step.clause(), FindingText.places(step.places())));
            }
            for (var other : reading.decidedAgainst().entrySet()) {
                out.write("    rather %s: %s%n".formatted(other.getKey(), other.getValue()));
            }
            out.write(System.lineSeparator());
        }
    }

    private static String outcome(Reading reading) {
        if (reading.whole()) {
            return "it is one";
        }
        return reading.missing() > 0
                ? "%d of %d clauses do not hold".formatted(reading.missing(), reading.steps().size())
                : "all clauses hold, but it is rather another";
    }
}
