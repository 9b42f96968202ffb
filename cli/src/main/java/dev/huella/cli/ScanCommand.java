package dev.huella.cli;

import dev.huella.core.exchange.json.StructureWriter;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import dev.huella.core.project.Project;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code huella scan}: the recovered structure. */
@Command(name = "scan", mixinStandardHelpOptions = true, description = "Prints the recovered structure.")
final class ScanCommand implements Callable<Integer> {
    @Mixin
    SourceOptions options;
    @Option(names = "--format", description = "text or json.")
    SourceOptions.Format format = SourceOptions.Format.TEXT;

    @Override
    public Integer call() throws Exception {
        Project project = options.read();
        options.write(out -> {
            if (format == SourceOptions.Format.JSON) {
                StructureWriter.write(project.model(), out);
                out.write("\n");
            } else {
                text(project.model(), out);
            }
        });
        return 0;
    }

    private static void text(Model model, Writer out) throws IOException {
        var relations = model.relations().stream().collect(Collectors.groupingBy(Relation::from));
        for (CodeType type : model.declared()) {
            out.write("%s %s  %s:%d%n".formatted(type.kind().word(), type.qualifiedName(), type.place().file(),
                    type.place().line()));
            for (Relation relation : relations.getOrDefault(type, List.of())) {
                if (relation.kind() != Relation.Kind.NESTING) {
                    out.write("    %s%s %s%s  %s%n".formatted(relation.kind().word(),
                            relation.stereotype().isEmpty() ? "" : " «" + relation.stereotype() + "»",
                            relation.to().qualifiedName(),
                            relation.role().isEmpty()
                                    ? ""
                                    : " as %s [%s]".formatted(relation.role(), relation.multiplicity().text()),
                            relation.places()
                                    .stream()
                                    .map(place -> String.valueOf(place.line()))
                                    .distinct()
                                    .limit(6)
                                    .collect(Collectors.joining(", ", "line ", ""))));
                }
            }
        }
        long problems = model.files().stream().mapToLong(file -> file.problems().size()).sum();
        out.write("%n%d types in %d files, %d relations, %d problems%n".formatted(model.declared().size(),
                model.files().size(), model.relations().size(), problems));
        for (Model.FileRead file : model.files()) {
            for (var problem : file.problems()) {
                out.write("%s:%d:%d: %s%n".formatted(problem.file(), problem.line(), problem.column(),
                        problem.message()));
            }
        }
    }
}
