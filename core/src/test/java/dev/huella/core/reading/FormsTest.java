package dev.huella.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.resolve.ModelResolver;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Forms that real code uses and that are easily read wrongly, one file for each language in {@code forms}. A form has a
 * title, its text, and what has to be there afterwards: members as {@code Type.member}, how many a field holds as
 * {@code Type.field 0..*}, what a field holds or an operation gives as {@code Type.member : text}, relations as {@code Type association Type}, types that are called or made
 * as {@code Type.member > Type.member}; what stands behind {@code !} may not be there. Nothing of it may be reported as unreadable.
 */
class FormsTest {
    private static final Path FOLDER = Path.of("src/test/resources/forms");

    private record Form(String language, String title, String text, List<String> expected) {
        @Override
        public String toString() {
            return language + ": " + title;
        }
    }

    static Stream<Form> forms() throws IOException {
        List<Form> forms = new ArrayList<>();
        try (Stream<Path> files = Files.list(FOLDER)) {
            for (Path file : files.sorted().toList()) {
                String name = file.getFileName().toString();
                read(name.substring(0, name.indexOf('.')), Files.readAllLines(file), forms);
            }
        }
        return forms.stream();
    }

    private static void read(String ending, List<String> lines, List<Form> into) {
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).startsWith("=== ")) {
                String title = lines.get(i).substring(4);
                StringBuilder text = new StringBuilder();
                for (i++; !lines.get(i).startsWith("---"); i++) {
                    text.append(lines.get(i)).append('\n');
                }
                List<String> expected = new ArrayList<>();
                for (i++; i < lines.size() && !lines.get(i).isBlank(); i++) {
                    expected.add(lines.get(i).strip());
                }
                into.add(new Form(ending, title, text.toString(), expected));
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("forms")
    void isReadWhole(Form form) {
        FileFacts facts = LanguageReaders.installed()
                .forExtension(form.language)
                .read("code." + form.language, form.text.getBytes(StandardCharsets.UTF_8));
        assertThat(facts.problems()).as("problems").isEmpty();
        Model model = ModelResolver.resolve(List.of(facts), Work.QUIET);
        Set<String> there = new TreeSet<>();
        model.types().forEach(type -> gather(type, there));
        model.relations()
                .forEach(one -> there.add(one.from().name() + " " + one.kind().word() + " " + one.to().name()));
        assertThat(form.expected).isNotEmpty();
        for (String line : form.expected) {
            if (line.startsWith("! ")) {
                assertThat(there).doesNotContain(line.substring(2));
            } else {
                assertThat(there).contains(line);
            }
        }
    }

    private static void gather(CodeType type, Set<String> there) {
        there.add(type.name());
        type.supertypes().forEach(above -> there.add(type.name() + " : " + above.text()));
        type.fields().forEach(field -> {
            String name = type.name() + "." + field.name();
            there.add(name);
            there.add(name + " " + field.held().many().text());
            there.add(name + " : " + field.type().text());
        });
        type.operations().forEach(operation -> {
            String name = type.name() + "." + operation.name();
            there.add(name);
            there.add(name + " : " + operation.returns().text());
            operation.written()
                    .forEach(deed -> Deeds.targets(deed).forEach(target -> there.add(name + " > " + target)));
        });
    }
}
