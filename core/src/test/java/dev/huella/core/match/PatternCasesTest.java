package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Each folder below {@code cases} holds source and {@code expected.txt}: one line for each find with its key players
 * and variant, then its obligations that are not met. An empty file says that nothing is to be found; a name that begins
 * with {@code open-} says that part of the source does not parse. A run that
 * differs writes what it found into {@code target/cases}, to be read and copied.
 */
class PatternCasesTest {
    static Stream<Path> cases() throws IOException {
        try (var folders = Files.list(Path.of("src/test/resources/cases"))) {
            return folders.sorted().toList().stream();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void isFoundAsExpected(Path folder) throws Exception {
        Project project = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET);
        boolean meantToBreak = folder.getFileName().toString().startsWith("open-");
        assertThat(project.model().files())
                .allSatisfy(file -> assertThat(file.problems().isEmpty()).isNotEqualTo(meantToBreak));
        String found = text(project.find(Catalogue.shipped(), definition -> true, Work.QUIET));
        String expected = Files.readString(folder.resolve("expected.txt"));
        if (!found.equals(expected)) {
            Path actual = Path.of("target/cases", folder.getFileName().toString(), "expected.txt");
            Files.createDirectories(actual.getParent());
            Files.writeString(actual, found);
        }
        assertThat(found).isEqualTo(expected);
    }

    private static String text(Findings findings) {
        var text = new StringBuilder();
        for (Finding finding : findings.all()) {
            PatternInstance instance = finding.instance();
            text.append(instance.pattern().id());
            for (Role role : instance.pattern().roles()) {
                if (role.key()) {
                    instance.playing(role.name()).forEach(player -> text.append(' ').append(player.name()));
                }
            }
            text.append(instance.variant().isEmpty() ? "" : " (" + instance.variant() + ")").append('\n');
            for (Verdict verdict : finding.verdicts()) {
                if (verdict.kind() != Verdict.Kind.MET) {
                    text.append("  ")
                            .append(verdict.kind().word())
                            .append(' ')
                            .append(verdict.obligation().id())
                            .append(": ")
                            .append(verdict.why())
                            .append('\n');
                }
            }
        }
        return text.toString();
    }
}
