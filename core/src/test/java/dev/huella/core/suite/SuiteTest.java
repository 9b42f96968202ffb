package dev.huella.core.suite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every case below {@code suite}, by pattern: what is found, what is kept apart, and what is owed. */
class SuiteTest {
    static Stream<Path> cases() throws IOException {
        try (var files = Files.walk(Path.of("src/test/resources/suite"))) {
            return files.filter(file -> file.endsWith("case.json")).map(Path::getParent).sorted().toList().stream();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void isAsWritten(Path folder) throws Exception {
        assertThat(AcceptanceCase.differences(folder)).isEmpty();
    }

    @org.junit.jupiter.api.Test
    void everyPatternHasCasesInFiveLanguages() throws IOException {
        for (var pattern : dev.huella.core.molde.Catalogue.shipped().definitions()) {
            try (var files = Files.walk(Path.of("src/test/resources/suite", pattern.id()))) {
                List<String> endings = files.filter(Files::isRegularFile)
                        .map(file -> file.toString().replaceAll(".*\\.", ""))
                        .filter(ending -> !ending.equals("json"))
                        .map(ending -> ending.equals("h") ? "cpp" : ending)
                        .distinct()
                        .toList();
                assertThat(endings).as(pattern.id()).hasSizeGreaterThanOrEqualTo(5);
            }
        }
    }
}
