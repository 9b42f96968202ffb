package dev.huella.cli;

import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.MoldeProblem;
import dev.huella.core.project.RunCache;
import dev.huella.core.project.OwnDefinitions;
import dev.huella.core.project.Project;
import dev.huella.core.source.LeaveOut;
import dev.huella.core.source.SourceException;
import dev.huella.core.source.SourceFilter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** What all commands take: sources, which of their files, and where the result goes. */
final class SourceOptions {
    private static final int SHOWN = 3;
    @Spec(Spec.Target.MIXEE)
    picocli.CommandLine.Model.CommandSpec spec;
    @Parameters(arity = "1..*", paramLabel = "SOURCE", description = "A folder, a file, a .zip, .jar, .tar or .tar.gz archive, or repository@revision.")
    List<Path> sources;
    @Option(names = "--include", paramLabel = "GLOB", description = "Take only files like this, for example \"**/dues/**\".")
    List<String> includes = List.of();
    @Option(names = "--exclude", paramLabel = "GLOB", description = "Leave out files like this.")
    List<String> excludes = List.of();
    @Option(names = "--take", paramLabel = "RULE", split = ",", description = "Take what is left out otherwise: ${COMPLETION-CANDIDATES}.")
    Set<LeaveOut> taken = Set.of();
    @Option(names = "-o", paramLabel = "FILE", description = "Write here instead of to standard output.")
    Path output;
    @Option(names = "--definitions", paramLabel = "FILE", description = "Further definitions in Molde: a .molde file, or a folder of them.")
    List<Path> definitions = List.of();

    Project read() throws SourceException {
        Project project;
        try (RunCache cache = RunCache.ofUser()) {
            project = Project.read(sources, new SourceFilter(includes, excludes, taken), cache,
                    new TerminalProgress(err()));
        }
        project.sources().problems().forEach(problem -> err().println(problem.message()));
        leftOut(project);
        return project;
    }

    /** One line for each reason, with the first few files. */
    private void leftOut(Project project) {
        Map<String, List<String>> byReason = new LinkedHashMap<>();
        project.sources()
                .leftOut()
                .stream()
                .filter(left -> !left.reason().startsWith("not among"))
                .forEach(left -> byReason.computeIfAbsent(left.reason(), key -> new ArrayList<>()).add(left.path()));
        byReason.forEach((reason, paths) -> err().printf("Left out, %s: %s%s.%n", reason,
                String.join(", ", paths.subList(0, Math.min(SHOWN, paths.size()))),
                paths.size() > SHOWN ? " and %d more".formatted(paths.size() - SHOWN) : ""));
    }

    /** With the definitions beside the code, then those given. Faulty ones are told and left out; the others serve. */
    Catalogue catalogue() {
        List<Path> all = new ArrayList<>(OwnDefinitions.beside(sources));
        definitions.forEach(given -> all.addAll(OwnDefinitions.in(given)));
        Catalogue catalogue = Catalogue.with(all);
        catalogue.problems().forEach((MoldeProblem problem) -> err().println(problem));
        return catalogue;
    }

    PrintWriter err() {
        return spec.commandLine().getErr();
    }

    /** Writes a result. */
    void write(Result result) throws IOException {
        if (output == null) {
            PrintWriter out = spec.commandLine().getOut();
            result.to(out);
            out.flush();
        } else {
            try (Writer out = new OutputStreamWriter(Files.newOutputStream(output), StandardCharsets.UTF_8)) {
                result.to(out);
            }
            err().println("Written to " + output + ".");
        }
    }

    /** Something that can be written. */
    @FunctionalInterface
    interface Result {
        void to(Writer out) throws IOException;
    }

    /** How results are written. */
    enum Format {
        TEXT, JSON
    }
}
