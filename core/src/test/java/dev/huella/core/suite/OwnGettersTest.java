package dev.huella.core.suite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A type that asks for its own fields by hidden getters is what it was: Java cases of the suite, rewritten so. */
class OwnGettersTest {
    private static final int EVERY = 3;
    private static final Pattern FIELD = Pattern
            .compile("(?m)^([ \\t]+)private (?:final )?([A-Z]\\w*(?:<[^;=()]*>)?) (\\w+)(?: = [^;]*)?;$");
    @TempDir
    private Path copy;

    static Stream<Path> some() throws IOException {
        List<Path> asking = SuiteTest.cases().filter(OwnGettersTest::isChanged).toList();
        return Stream.iterate(0, at -> at < asking.size(), at -> at + EVERY).map(asking::get);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("some")
    void changeNothing(Path folder) throws Exception {
        for (Path file : files(folder)) {
            Path target = copy.resolve(folder.relativize(file).toString());
            Files.createDirectories(target.getParent());
            Files.writeString(target, isJava(file) ? asking(Files.readString(file)) : Files.readString(file));
        }
        assertThat(AcceptanceCase.differences(copy)).isEmpty();
    }

    private static boolean isChanged(Path folder) {
        try {
            for (Path file : files(folder)) {
                if (isJava(file) && !asking(Files.readString(file)).equals(Files.readString(file))) {
                    return true;
                }
            }
            return false;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static boolean isJava(Path file) {
        return file.toString().endsWith(".java");
    }

    private static List<Path> files(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }

    private static String asking(String text) {
        String asking = text;
        for (MatchResult field : FIELD.matcher(text).results().toList()) {
            String name = field.group(3);
            boolean twice = Pattern.compile("[\\w>\\]] " + name + "\\s*[,)=;:]").matcher(text).results().count() > 1;
            Pattern use = Pattern.compile("(?<![\\w.])" + (twice ? "this\\." : "(?:this\\.)?") + name + "(?=\\.\\w)");
            String getter = "its" + name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
            String changed = use.matcher(asking).replaceAll(getter + "()");
            if (!changed.equals(asking) && changed.contains(field.group())) {
                asking = changed.replace(field.group(), field.group() + "\n\n%sprivate %s %s() {\n%s    return %s;\n%s}"
                        .formatted(field.group(1), field.group(2), getter, field.group(1), name, field.group(1)));
            }
        }
        return asking;
    }
}
