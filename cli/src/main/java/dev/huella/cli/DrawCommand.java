package dev.huella.cli;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.diagram.CallTrace;
import dev.huella.core.diagram.Detail;
import dev.huella.core.diagram.Reach;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.View;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Palette;
import dev.huella.core.drawing.PictureFormat;
import dev.huella.core.exchange.xmi.UmlModelBuilder;
import dev.huella.core.exchange.xmi.XmiWriter;
import dev.huella.core.layout.Arrangement;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.project.DrawingRequest;
import dev.huella.core.project.DrawingRequest.Kind;
import dev.huella.core.project.Drawings;
import dev.huella.core.project.Project;
import dev.huella.core.project.RunCache;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code huella draw}: any diagram of the window as a file. */
@Command(name = "draw", mixinStandardHelpOptions = true, description = {
        "Writes a diagram; the ending of -o chooses SVG, PNG, PDF or XMI.",
        "Without --type, --types, --package, --find or --calls it shows all types."})
final class DrawCommand implements Callable<Integer> {
    @Mixin
    SourceOptions options;
    @Option(names = "--type", paramLabel = "NAME", description = "A type and its neighbours.")
    String type;
    @Option(names = "--types", paramLabel = "NAME", split = ",", description = "Just these types.")
    List<String> types;
    @Option(names = "--distance", paramLabel = "N", description = "How far neighbours may be, 1 to 3; 1 unless given.")
    int distance = 1;
    @Option(names = "--along", paramLabel = "KIND", split = ",", description = "Which relations count: ${COMPLETION-CANDIDATES}.")
    Set<Reach> along = Reach.ALL;
    @Option(names = "--package", paramLabel = "NAME", description = "The types of a package and those inside it.")
    String namespace;
    @Option(names = "--find", paramLabel = "ID", description = "The players of a find, by its id as \"find\" prints it in JSON.")
    String find;
    @Option(names = "--calls", paramLabel = "TYPE.OPERATION", description = "The calls that follow from an operation.")
    String calls;
    @Option(names = "--as", paramLabel = "KIND", description = "What to show: ${COMPLETION-CANDIDATES}.")
    Kind kind;
    @Option(names = "--depth", paramLabel = "N", description = "How many calls inside each other are followed; 3 unless given.")
    int depth = CallTrace.USUAL_DEPTH;
    @Option(names = "--detail", paramLabel = "LEVEL", description = "What boxes say: ${COMPLETION-CANDIDATES}.")
    Detail.Level detail = Detail.Level.PUBLIC;
    @Option(names = "--no-parameters", description = "Without types of parameters and results.")
    boolean noParameters;
    @Option(names = "--frames", description = "Packages as frames.")
    boolean frames;
    @Option(names = "--fold", paramLabel = "PACKAGE", split = ",", description = "Packages drawn as one box with all inside them; implies --frames.")
    Set<String> folded = Set.of();
    @Option(names = "--most", paramLabel = "N", description = "So many types of a package, those with the most ties to the others; all unless given.")
    int most = Integer.MAX_VALUE;
    @Option(names = "--hide", paramLabel = "NAME", split = ",", description = "Qualified names of types to leave out.")
    Set<String> hidden = Set.of();
    @Option(names = "--scale", paramLabel = "N", description = "For PNG: pixels to a unit; 2 unless given.")
    double scale = 2;
    @Option(names = "--dark", description = "In the colours of the night.")
    boolean dark;

    @Override
    public Integer call() throws Exception {
        if (options.output == null) {
            throw new IllegalArgumentException("Name the file to write: -o diagram.svg, .png, .pdf or .xmi.");
        }
        if (distance < 1 || distance > 3 || scale <= 0 || depth < 1 || most < 1) {
            throw new IllegalArgumentException(
                    "--distance goes from 1 to 3, --depth, --scale and --most are above 0.");
        }
        String name = options.output.getFileName().toString();
        boolean xmi = name.toLowerCase(Locale.ROOT).endsWith(".xmi");
        PictureFormat format = PictureFormat.of(name);
        if (format == null && !xmi) {
            throw new IllegalArgumentException(
                    "%s ends in .%s; diagrams are written as .svg, .png, .pdf or .xmi.".formatted(name,
                            name.substring(name.lastIndexOf('.') + 1)));
        }
        Project project = options.read();
        Findings findings = find != null || xmi
                ? project.find(options.catalogue(), definition -> xmi || find.startsWith(definition.id() + ":"),
                        RunCache::ofUser, new TerminalProgress(options.err()))
                : Findings.NONE;
        Drawing drawing = new Drawings(project).draw(request(project, findings), Arrangement.NONE);
        if (drawing.equals(Drawing.EMPTY)) {
            throw new IllegalArgumentException(
                    "There is nothing of that kind to show here. Try another --as, or none.");
        }
        write(project, findings, drawing, format);
        options.err().println("Written to " + options.output + ".");
        return 0;
    }

    /** {@code format}: null for XMI. */
    private void write(Project project, Findings findings, Drawing drawing, PictureFormat format)
            throws IOException, XMLStreamException {
        if (format == null) {
            var model = new UmlModelBuilder(project.name(), project.model()).with(drawing);
            findings.all().forEach(finding -> model.with(finding.instance()));
            try (var out = Files.newBufferedWriter(options.output, StandardCharsets.UTF_8)) {
                XmiWriter.write(model.build(), out);
            }
        } else {
            try (var out = Files.newOutputStream(options.output)) {
                format.write(drawing, dark ? Palette.DARK : Palette.LIGHT, scale, out);
            }
        }
    }

    private DrawingRequest request(Project project, Findings findings) {
        DrawingRequest.Subject subject = subject(project, findings);
        List<Kind> kinds = DrawingRequest.kinds(subject);
        if (kind != null && !kinds.contains(kind)) {
            throw new IllegalArgumentException("This cannot be shown as %s; it can as %s.".formatted(kind,
                    String.join(", ", kinds.stream().map(Kind::name).toList())));
        }
        View view = View.USUAL.with(new Detail(detail, !noParameters))
                .along(along)
                .hiding(hidden)
                .atMost(most)
                .framed(frames || !folded.isEmpty())
                .folding(folded.stream().map(name -> name + View.WITH_ALL_INSIDE).collect(Collectors.toSet()));
        return DrawingRequest.usual(subject).as(kind == null ? kinds.getFirst() : kind).with(view).deep(depth);
    }

    private DrawingRequest.Subject subject(Project project, Findings findings) {
        if (find != null) {
            return new DrawingRequest.OfFind(find(findings));
        }
        if (calls != null) {
            return new DrawingRequest.OfOperation(operation(project));
        }
        return new DrawingRequest.OfScope(scope(project));
    }

    private Scope scope(Project project) {
        if (type != null) {
            return new Scope.Around(project.named(type), distance);
        }
        if (types != null) {
            return new Scope.Picked(String.join(", ", types), types.stream().map(project::named).toList());
        }
        if (namespace == null) {
            return new Scope.Everything();
        }
        boolean there = project.model()
                .declared()
                .stream()
                .anyMatch(one -> one.namespace().equals(namespace) || one.namespace().startsWith(namespace + "."));
        if (!there) {
            throw new IllegalArgumentException("There is no package %s with types in it.".formatted(namespace));
        }
        return new Scope.OfPackage(namespace);
    }

    private Operation operation(Project project) {
        int dot = calls.lastIndexOf('.');
        if (dot < 0) {
            throw new IllegalArgumentException("--calls takes a type and an operation: TideGauge.measure.");
        }
        CodeType home = project.named(calls.substring(0, dot));
        String name = calls.substring(dot + 1);
        return home.operations()
                .stream()
                .filter(operation -> operation.name().equals(name))
                .max(java.util.Comparator.comparing(CallTrace::worth))
                .orElseThrow(() -> new IllegalArgumentException("%s has no operation %s. It has %s.".formatted(
                        home.name(), name, String.join(", ",
                                home.operations().stream().map(Operation::name).distinct().toList()))));
    }

    private Finding find(Findings findings) {
        return findings.all()
                .stream()
                .filter(one -> one.instance().id().equals(find))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no find %s. \"huella find --format json\" lists them."
                                .formatted(find)));
    }
}
