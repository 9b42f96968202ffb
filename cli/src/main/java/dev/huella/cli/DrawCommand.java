package dev.huella.cli;

import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.diagram.FindDiagram;
import dev.huella.core.diagram.NeighbourDiagram;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Palette;
import dev.huella.core.drawing.PngPainter;
import dev.huella.core.drawing.SvgPainter;
import dev.huella.core.layout.LayeredLayout;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.Finding;
import dev.huella.core.project.Findings;
import dev.huella.core.project.Project;
import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code huella draw}: a class diagram of a type and its neighbours, a package, a find, or everything. */
@Command(name = "draw", mixinStandardHelpOptions = true, description = "Writes a diagram; the ending of -o chooses SVG or PNG.")
final class DrawCommand implements Callable<Integer> {
    @Mixin
    SourceOptions options;
    @Option(names = "--type", paramLabel = "NAME", description = "A type and its neighbours.")
    String type;
    @Option(names = "--distance", paramLabel = "N", description = "How far neighbours may be; 1 unless given.")
    int distance = 1;
    @Option(names = "--package", paramLabel = "NAME", description = "The types of one package.")
    String namespace;
    @Option(names = "--find", paramLabel = "ID", description = "The players of a find, by its id as \"find\" prints it in JSON.")
    String find;
    @Option(names = "--dark", description = "In the colours of the night.")
    boolean dark;

    @Override
    public Integer call() throws Exception {
        if (options.output == null) {
            throw new IllegalArgumentException("Name the file to write: -o diagram.svg or -o diagram.png.");
        }
        String name = options.output.getFileName().toString();
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (!List.of("svg", "png").contains(ending)) {
            throw new IllegalArgumentException(
                    "%s ends in .%s; diagrams are written as .svg or .png.".formatted(name, ending));
        }
        Drawing drawing = LayeredLayout.layOut(diagram(options.read()));
        Palette palette = dark ? Palette.DARK : Palette.LIGHT;
        if (ending.equals("svg")) {
            options.write(out -> out.write(SvgPainter.paint(drawing, palette)));
        } else {
            try (var out = Files.newOutputStream(options.output)) {
                PngPainter.paint(drawing, palette, out);
            }
            options.err().println("Written to " + options.output + ".");
        }
        return 0;
    }

    private ClassDiagram diagram(Project project) {
        if (find != null) {
            return find(project);
        }
        if (type != null) {
            CodeType focus = project.model()
                    .types()
                    .stream()
                    .filter(one -> one.qualifiedName().equals(type) || one.name().equals(type))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("There is no type %s. \"huella scan\" lists them."
                            .formatted(type)));
            return NeighbourDiagram.of(project.model(), focus, distance);
        }
        if (namespace == null) {
            return NeighbourDiagram.ofAll(project.model());
        }
        ClassDiagram all = NeighbourDiagram.ofPackage(project.model(), namespace);
        if (all.boxes().isEmpty()) {
            throw new IllegalArgumentException("There is no package %s with types in it.".formatted(namespace));
        }
        return all;
    }

    private ClassDiagram find(Project project) {
        Findings findings = project.find(options.catalogue(),
                definition -> find.startsWith(definition.id() + ":"), new TerminalProgress(options.err()));
        Finding found = findings.all()
                .stream()
                .filter(one -> one.instance().id().equals(find))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no find %s. \"huella find --format json\" lists them."
                                .formatted(find)));
        return FindDiagram.of(project.model(), found.instance(), found.verdicts());
    }
}
