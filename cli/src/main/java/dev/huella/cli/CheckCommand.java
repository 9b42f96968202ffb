package dev.huella.cli;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.exchange.json.FindsWriter;
import dev.huella.core.molde.PatternDefinition.Level;
import dev.huella.core.project.FindingText;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code huella check}: verdicts, for continuous integration. Exit status 1 when a {@code must} is broken. */
@Command(name = "check", mixinStandardHelpOptions = true, description = "Prints verdicts; exit status 1 when a must is broken.")
final class CheckCommand implements Callable<Integer> {
    @Mixin
    SourceOptions options;
    @Option(names = "--format", description = "text or json.")
    SourceOptions.Format format = SourceOptions.Format.TEXT;
    @Option(names = "--pattern", paramLabel = "ID", description = "Only this pattern; may be given several times.")
    Set<String> patterns = Set.of();

    @Override
    public Integer call() throws Exception {
        Findings findings = FindCommand.findings(options, patterns);
        options.write(out -> {
            if (format == SourceOptions.Format.JSON) {
                FindsWriter.write("huella-verdicts/1", findings.all(), List.of(), List.of(), out);
                out.write("\n");
                return;
            }
            for (Finding finding : findings.all()) {
                List<Verdict> told = finding.verdicts()
                        .stream()
                        .filter(verdict -> verdict.kind() != Verdict.Kind.MET)
                        .toList();
                if (!told.isEmpty()) {
                    FindingText.head(finding.instance(), out);
                    for (Verdict verdict : told) {
                        FindingText.verdict(verdict, out);
                    }
                }
            }
            out.write("%d finds checked, %d with something broken%n".formatted(findings.all().size(), findings.all()
                    .stream()
                    .filter(finding -> finding.count(Verdict.Kind.BROKEN) > 0)
                    .count()));
        });
        boolean broken = findings.all()
                .stream()
                .flatMap(finding -> finding.verdicts().stream())
                .anyMatch(verdict -> verdict.kind() == Verdict.Kind.BROKEN
                        && verdict.obligation().level() == Level.MUST);
        return broken ? 1 : 0;
    }
}
