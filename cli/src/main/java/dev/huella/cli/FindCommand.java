package dev.huella.cli;

import dev.huella.core.conformance.Findings;
import dev.huella.core.exchange.json.FindsWriter;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.FindingText;
import dev.huella.core.project.Project;
import dev.huella.core.project.RunCache;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code huella find}: pattern instances and near misses. */
@Command(name = "find", mixinStandardHelpOptions = true, description = "Prints pattern instances, near misses and opportunities.")
final class FindCommand implements Callable<Integer> {
    @Mixin
    SourceOptions options;
    @Option(names = "--format", description = "text or json.")
    SourceOptions.Format format = SourceOptions.Format.TEXT;
    @Option(names = "--pattern", paramLabel = "ID", description = "Only this pattern; may be given several times.")
    Set<String> patterns = Set.of();

    @Override
    public Integer call() throws Exception {
        Findings findings = findings(options, patterns);
        options.write(out -> {
            if (format == SourceOptions.Format.JSON) {
                FindsWriter.write("huella-finds/1", findings.all(), findings.nearMisses(),
                        findings.opportunities(), out);
                out.write("\n");
            } else {
                FindingText.write(findings, out);
            }
        });
        return 0;
    }

    static Findings findings(SourceOptions options, Set<String> patterns) throws Exception {
        var loading = new FutureTask<>(options::catalogue);
        Thread.ofPlatform().daemon().start(loading); // it takes as long as reading a small code base
        if (!patterns.isEmpty()) {
            check(patterns, loading.get());
        }
        Project project = options.read();
        Catalogue catalogue = loading.get();
        Findings findings = project.find(catalogue,
                definition -> patterns.isEmpty() || patterns.contains(definition.id()), RunCache::ofUser,
                new TerminalProgress(options.err()));
        findings.remarks().forEach(options.err()::println);
        return findings;
    }

    private static void check(Set<String> patterns, Catalogue catalogue) {
        Set<String> unknown = new TreeSet<>(patterns);
        catalogue.definitions().forEach(definition -> unknown.remove(definition.id()));
        catalogue.opportunities().forEach(definition -> unknown.remove(definition.id()));
        if (!unknown.isEmpty()) {
            throw new IllegalArgumentException("There is no pattern %s. There are: %s.".formatted(
                    String.join(", ", unknown),
                    String.join(", ", catalogue.definitions().stream().map(definition -> definition.id()).toList())));
        }
    }
}
