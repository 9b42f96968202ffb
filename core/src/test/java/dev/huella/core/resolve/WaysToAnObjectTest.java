package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * All the ways in which a language lets one come at an object that is kept, or was handed in: in each file of the folder, each
 * operation called by a letter and a digit comes at a job in another way and has it run. What is not understood yet stands in
 * {@code open.txt}, by file; a line there that has come to be understood has to go.
 */
class WaysToAnObjectTest {
    private static final Path FOLDER = Path.of("src/test/resources/ways");
    private static final Pattern WAY = Pattern.compile("[a-gA-G][1-9]");

    static Stream<Path> files() throws IOException {
        return Files.list(FOLDER).filter(file -> !file.endsWith("open.txt")).sorted();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("files")
    void allButTheOpenOnesAreUnderstood(Path file) throws IOException {
        String name = file.getFileName().toString();
        Model model = CodeBase.in(name.substring(name.indexOf('.') + 1), Files.readString(file));
        CodeType quay = CodeBase.type(model, "Quay");
        List<Operation> ways = quay.operations().stream().filter(way -> WAY.matcher(way.name()).matches()).toList();
        assertThat(ways).hasSizeGreaterThan(4);
        var lost = new TreeSet<String>();
        for (Operation way : ways) {
            if (deeds(model, way).noneMatch(WaysToAnObjectTest::isKnownJob)) {
                lost.add(way.name());
            }
        }
        assertThat(lost).isEqualTo(open(name));
    }

    /** Of the operation, and of functions written in it. */
    private static Stream<Deed> deeds(Model model, Operation way) {
        Stream<Deed> inside = model.types()
                .stream()
                .filter(type -> type.within() == way)
                .flatMap(type -> type.operations().stream())
                .flatMap(operation -> operation.deeds().stream());
        return Stream.concat(way.deeds().stream(), inside);
    }

    private static boolean isKnownJob(Deed deed) {
        return deed instanceof Deed.Calls calls && calls.name().toLowerCase(Locale.ROOT).equals("run")
                && calls.callee() != null && !calls.callee().home().external() && calls.receiver()
                        .origins()
                        .stream()
                        .anyMatch(origin -> origin.toString().contains("OfField")
                                || origin.toString().contains("OfParameter"));
    }

    private static TreeSet<String> open(String name) throws IOException {
        return Files.readAllLines(FOLDER.resolve("open.txt"))
                .stream()
                .filter(line -> line.startsWith(name + ": "))
                .flatMap(line -> Stream.of(line.substring(name.length() + 2).split(" ")))
                .collect(TreeSet::new, TreeSet::add, TreeSet::addAll);
    }
}
