package dev.huella.core.suite;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A type that asks for its own fields by hidden getters is what it was: Java cases of the suite, rewritten so. */
class OwnGettersTest {
    private static final Rewriting REWRITING = (file, text) -> file.toString().endsWith(".java") ? asking(text) : text;
    private static final Pattern FIELD = Pattern
            .compile("(?m)^([ \\t]+)private (?:final )?([A-Z]\\w*(?:<[^;=()]*>)?) (\\w+)(?: = [^;]*)?;$");
    @TempDir
    private Path copy;

    static Stream<Path> some() throws IOException {
        return REWRITING.some(3);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("some")
    void changeNothing(Path folder) throws Exception {
        REWRITING.changesNothing(folder, copy);
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
