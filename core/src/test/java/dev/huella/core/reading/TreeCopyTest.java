package dev.huella.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Both ways of copying a tree give the same nodes: for the cases of every language, whole, cut and mixed up. */
class TreeCopyTest {
    private static final Path SUITE = Path.of("src/test/resources/suite");

    private static List<Path> files(String ending) throws IOException {
        try (Stream<Path> all = Files.walk(SUITE)) {
            return all.filter(file -> file.toString().endsWith("." + ending)).sorted().toList();
        }
    }

    private static Grammar grammar(String language, boolean fromMemory) {
        var grammar = new Grammar("tree-sitter-" + language, "tree_sitter_" + language.replace('-', '_'),
                Set.of("string_literal"));
        for (int i = 0; i < 3; i++) {
            grammar.compared(fromMemory);
        }
        return grammar;
    }

    @ParameterizedTest
    @CsvSource({"java, java", "kotlin, kt", "c-sharp, cs", "cpp, h", "cpp, cpp", "typescript, ts", "tsx, ts",
            "javascript, js", "python, py", "php, php", "ruby, rb", "swift, swift"})
    void bothWaysGiveTheSame(String language, String ending) throws IOException {
        Grammar memory = grammar(language, true);
        Grammar cursor = grammar(language, false);
        assertThat(memory.trusted()).isTrue();
        assertThat(cursor.distrusted()).isTrue();
        var one = new SyntaxParser(memory);
        var other = new SyntaxParser(cursor);
        var random = new Random(11);
        int broken = 0;
        for (Path file : files(ending)) {
            byte[] text = Files.readAllBytes(file);
            for (byte[] form : List.of(text, cut(text, random), mixed(text, random))) {
                SyntaxTree copied = one.parse(form);
                SyntaxTree asked = other.parse(form);
                assertThat(copied.print()).as("%s as %s", file, new String(form, StandardCharsets.UTF_8))
                        .isEqualTo(asked.print());
                assertThat(copied.errors()).extracting(SyntaxNode::index)
                        .isEqualTo(asked.errors().stream().map(SyntaxNode::index).toList());
                broken += copied.broken() ? 1 : 0;
            }
        }
        assertThat(broken).isPositive();
    }

    private static byte[] cut(byte[] text, Random random) {
        return Arrays.copyOf(text, random.nextInt(text.length + 1));
    }

    private static byte[] mixed(byte[] text, Random random) {
        byte[] mixed = text.clone();
        for (int i = 0; i < mixed.length / 40 + 1 && mixed.length > 0; i++) {
            mixed[random.nextInt(mixed.length)] = mixed[random.nextInt(mixed.length)];
        }
        return mixed;
    }

    @Test
    void whatDiffersOnceIsNeverTrustedAgain() {
        Grammar grammar = grammar("java", true);
        grammar.compared(false);
        grammar.compared(true);
        assertThat(grammar.trusted()).isFalse();
        assertThat(grammar.distrusted()).isTrue();
    }

    @Test
    void aFewTreesAreComparedBeforeTheGrammarIsTrusted() {
        var grammar = new Grammar("tree-sitter-java", "tree_sitter_java", Set.of());
        var parser = new SyntaxParser(grammar);
        byte[] text = "class Quay { int depth; void deepen(int by) { depth += by; if (depth > 9) { stop(); } } void stop() { } }"
                .repeat(2)
                .getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 3; i++) {
            assertThat(grammar.trusted()).isFalse();
            parser.parse(text);
        }
        assertThat(grammar.trusted()).isTrue();
    }
}
