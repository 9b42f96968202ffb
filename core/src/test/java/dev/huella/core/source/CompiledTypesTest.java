package dev.huella.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.project.Project;
import dev.huella.core.reading.LanguageReaders;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.jar.JarOutputStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is compiled shows the structure that its source has. */
class CompiledTypesTest {
    private static final String TARIFFS = """
            package aldera.dues;

            import java.io.Serializable;
            import java.lang.reflect.Type;
            import java.nio.file.Path;
            import java.util.ArrayList;
            import java.util.List;
            import java.util.Map;

            public abstract class Tariff<T extends Comparable<T> & Serializable> extends ArrayList<T>
                    implements Priced, Serializable {
                public static final int LIMIT = 40;
                protected final Map<String, List<? extends T>> lines;
                private volatile double[][] rates;
                private Path book;
                Type kind;

                protected Tariff(Map<String, List<? extends T>> lines, Path book) {
                    this.lines = lines;
                    this.book = book;
                    Runnable later = () -> rates = null;
                    new Object() { }.hashCode();
                }

                public abstract T first(long from, double share, String name);

                static <K, V extends K> V chosen(Map<? super K, ?> all, V... among) {
                    return among[0];
                }

                private synchronized Map.Entry<String, Rate> entry() {
                    return null;
                }

                public record Rate(String zone, List<Integer> cents) {
                    public String zone() {
                        return zone.strip();
                    }

                    boolean isFree() {
                        return cents.isEmpty();
                    }
                }

                private enum Season {
                    SUMMER, WINTER;

                    private final List<Rate> rates = new ArrayList<>();
                }

                class Line {
                    private final int at;

                    Line(int at) {
                        this.at = at;
                    }

                    protected static class Note {
                        String text;
                    }
                }

                static final class $Odd$One {
                }
            }
            """;
    private static final String PRICED = """
            package aldera.dues;

            public sealed interface Priced permits Tariff, Fee {
                int DAYS = 3;

                int price();

                default boolean isFree() {
                    return price() == 0;
                }

                static Priced none() {
                    return null;
                }
            }
            """;
    private static final String FEE = """
            package aldera.dues;

            public final class Fee implements Priced {
                @Override
                public int price() {
                    return 3;
                }

                @interface Seen {
                }
            }
            """;
    @TempDir
    Path folder;
    private Path sources;
    private Path compiled;

    @BeforeEach
    void compile() throws Exception {
        sources = folder.resolve("sources");
        compiled = folder.resolve("compiled");
        List<String> arguments = new ArrayList<>(
                List.of("-proc:none", "-nowarn", "-g", "-d", Files.createDirectories(compiled).toString()));
        for (var file : List.of("Tariff", "Priced", "Fee")) {
            Path path = sources.resolve("aldera/dues/" + file + ".java");
            Files.createDirectories(path.getParent());
            Files.writeString(path, switch (file) {
                case "Tariff" -> TARIFFS.replace("public abstract class", "public abstract non-sealed class");
                case "Priced" -> PRICED;
                default -> FEE;
            });
            arguments.add(path.toString());
        }
        var compiler = ToolProvider.getSystemJavaCompiler();
        var said = new java.io.ByteArrayOutputStream();
        int status = compiler.run(null, OutputStream.nullOutputStream(), said,
                arguments.toArray(String[]::new));
        assertThat(status).as(said.toString(StandardCharsets.UTF_8)).isZero();
    }

    private static Project read(Path source) throws SourceException {
        return Project.read(List.of(source), SourceFilter.ALL, Work.QUIET);
    }

    private static List<Problem> problems(Project project) {
        return project.model().files().stream().flatMap(file -> file.problems().stream()).toList();
    }

    /** A line for each type and member, sorted, without what stands in bodies. */
    private static List<String> structure(Project project) {
        var lines = new TreeSet<String>();
        for (CodeType type : project.model().declared()) {
            if (type.kind() == TypeKind.FUNCTION || type.anonymous()) {
                continue;
            }
            String name = type.qualifiedName();
            lines.add("%s: %s %s %s".formatted(name, type.modifiers().visibility(), type.kind(),
                    type.supertypes().stream().map(TypeUse::text).toList()));
            for (Field field : type.fields()) {
                lines.add("%s.%s: %s %s %s".formatted(name, field.name(), field.modifiers().visibility(),
                        whole(field.type()), field.held().many()));
            }
            for (Operation operation : type.operations()) {
                if (operation.kind() != OperationDeclared.Kind.INITIALISER) {
                    lines.add(line(name, operation));
                }
            }
        }
        return List.copyOf(lines);
    }

    private static String line(String home, Operation operation) {
        return "%s.%s: %s %s %s".formatted(home, operation.name(),
                Stream.of(Modifiers.Mark.STATIC, Modifiers.Mark.ABSTRACT, Modifiers.Mark.DEFAULT)
                        .filter(operation.modifiers()::has)
                        .toList(),
                operation.parameters()
                        .stream()
                        .map(one -> (operation.isAbstract() ? "" : one.name() + " ") + whole(one.type()))
                        .toList(),
                whole(operation.returns()));
    }

    private static String whole(TypeUse use) {
        String name = use.type() == null ? use.text() : use.type().qualifiedName();
        return name + use.arguments().stream().map(CompiledTypesTest::whole).toList() + use.dimensions();
    }

    @Test
    void anArchiveOfCompiledTypesHasTheStructureOfItsSources() throws Exception {
        assertThat(structure(read(archive()))).isEqualTo(structure(read(sources)))
                .contains("aldera.dues.Tariff.Season.SUMMER: PUBLIC aldera.dues.Tariff.Season[]0 ONE");
    }

    private Path archive() throws Exception {
        Path file = folder.resolve("dues.jar");
        try (var jar = new JarOutputStream(Files.newOutputStream(file)); var all = Files.walk(compiled)) {
            for (Path path : all.filter(Files::isRegularFile).toList()) {
                jar.putNextEntry(new ZipEntry(compiled.relativize(path).toString()));
                jar.write(Files.readAllBytes(path));
                jar.closeEntry();
            }
        }
        return file;
    }

    @Test
    void aFolderOfCompiledTypesShowsTextForEveryPlace() throws Exception {
        Project project = read(compiled);
        CodeType line = project.named("Line");
        assertThat(line.place().file()).isEqualTo("aldera/dues/Tariff.class");
        assertThat(project.line(line.place())).contains("class Line {");
        assertThat(problems(project)).isEmpty();
    }

    @Test
    void nothingIsSaidOfBodies() throws Exception {
        for (CodeType type : read(compiled).model().declared()) {
            assertThat(type.operations())
                    .filteredOn(operation -> operation.kind() != OperationDeclared.Kind.INITIALISER
                            && !operation.qualifiedName().startsWith("aldera.dues.Tariff.Rate.")) // records fill theirs
                    .allSatisfy(operation -> assertThat(operation.hasBody()).isFalse());
        }
    }

    @Test
    void whatHasItsSourceBesideItIsLeftOut() throws Exception {
        Files.copy(compiled.resolve("aldera/dues/Fee.class"), sources.resolve("aldera/dues/Fee.class"));
        Project project = read(sources);
        assertThat(project.sources().leftOut()).singleElement()
                .satisfies(one -> assertThat(one.reason()).contains("compiled from a source that is here"));
        assertThat(project.named("Fee").place().file()).endsWith("Fee.java");
    }

    @Test
    void whatOnlyHasTheSameNameIsNoSource() throws Exception {
        Files.writeString(compiled.resolve("aldera/dues/Fee.properties"), "fee=3");
        Path later = compiled.resolve("META-INF/versions/21/aldera/dues/Fee.class");
        Files.createDirectories(later.getParent());
        Files.copy(compiled.resolve("aldera/dues/Fee.class"), later);
        Project project = read(compiled);
        assertThat(project.named("Fee").place().file()).isEqualTo("aldera/dues/Fee.class");
        assertThat(project.sources().leftOut()).extracting(SourceSet.LeftOut::path)
                .containsExactly("META-INF/versions/21/aldera/dues/Fee.class");
    }

    @Test
    void whatIsNoCompiledTypeIsAProblemAndNotAnEnd() throws Exception {
        Files.write(compiled.resolve("Cut.class"), new byte[]{(byte) 0xCA, (byte) 0xFE, 1, 2, 3});
        Project project = read(compiled);
        assertThat(problems(project)).singleElement()
                .satisfies(problem -> assertThat(problem.message()).contains("no compiled Java type"));
        assertThat(project.named("Fee")).isNotNull();
    }

    @Test
    void aHeaderIsWhatAPersonWouldWrite() throws Exception {
        byte[] bytes = Files.readAllBytes(compiled.resolve("aldera/dues/Priced.class"));
        assertThat(new String(TypeHeader.of(bytes, part -> null), StandardCharsets.UTF_8)).isEqualTo("""
                package aldera.dues;

                public sealed interface Priced permits Tariff, Fee {
                    int DAYS;
                    int price();
                    default boolean isFree();
                    static Priced none();
                }
                """);
        FileFacts facts = LanguageReaders.installed()
                .forExtension("class")
                .read("Priced.class",
                        TypeHeader.of(bytes, part -> null));
        assertThat(facts.problems()).isEmpty();
    }
}
