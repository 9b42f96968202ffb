package dev.huella.core.suite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Neither what types are called nor which file comes first decides anything, nor do notes and ends of lines: cases of the
 * suite say the same when every type has a made-up name, when the files stand in the opposite order, and when there is a
 * comment before and behind each line.
 */
class NamesAndOrderTest {
    private static final int EVERY = 8;
    private static final Pattern DECLARED = Pattern.compile(
            "\\b(?:class|interface|struct|enum|protocol|trait|record|module|actor|object|typealias|type)\\s+([A-Z]\\w*)");
    /** Names that a language or its library has as well. */
    private static final Set<String> OF_LIBRARIES = Set.of("Error", "Main", "Iterator", "Iterable", "Object");
    /** Where neither the folder nor the name of a file means anything. */
    private static final Set<String> BY_CONTENT = Set.of("java", "kt", "cs", "swift");
    private static final Set<String> NOTED_BY_HASH = Set.of("py", "rb");
    /** Lines inside a text of several lines are no code, so files with such texts stay as they are. */
    private static final Pattern LONG_TEXT = Pattern.compile("\"\"\"|'''|`|<<[-~]?[\"']?[A-Z_]");
    /** Lines that the line before goes on into, directives, and comments. */
    private static final Pattern NOT_NOTED = Pattern.compile("\\s*(?:$|[#*.]|&\\.|<\\?|/\\*|//).*|.*(?:\\\\|\\?>)\\s*");
    private static final String CASE = "case.json";
    @TempDir
    private Path copy;

    static Stream<Path> some() throws IOException {
        List<Path> all = SuiteTest.cases().toList();
        return Stream.iterate(0, at -> at < all.size(), at -> at + EVERY).map(all::get);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("some")
    void madeUpNamesChangeNothing(Path folder) throws Exception {
        Map<Path, String> texts = texts(folder);
        Set<String> names = new TreeSet<>();
        texts.values().forEach(text -> DECLARED.matcher(text).results().forEach(found -> names.add(found.group(1))));
        names.removeAll(OF_LIBRARIES);
        Map<String, String> instead = new HashMap<>();
        names.forEach(name -> instead.put(name, madeUp(instead.size())));
        for (var text : texts.entrySet()) {
            List<String> parts = new ArrayList<>();
            text.getKey().forEach(part -> parts.add(renamedFile(part.toString(), instead)));
            write(String.join("/", parts), renamed(text.getValue(), instead));
        }
        assertThat(AcceptanceCase.differences(copy)).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("some")
    void theOrderOfFilesChangesNothing(Path folder) throws Exception {
        Map<Path, String> texts = texts(folder);
        List<Path> files = texts.keySet().stream().filter(file -> !file.endsWith(CASE)).sorted().toList();
        boolean free = files.stream().allMatch(file -> BY_CONTENT.contains(ending(file)));
        for (Path file : texts.keySet()) {
            String first = free && !file.endsWith(CASE) ? "f%03d/".formatted(999 - files.indexOf(file)) : "";
            write(first + file, texts.get(file));
        }
        assertThat(AcceptanceCase.differences(copy)).isEmpty();
    }

    static Stream<Path> others() throws IOException {
        List<Path> all = SuiteTest.cases().toList();
        return Stream.iterate(EVERY / 2, at -> at < all.size(), at -> at + EVERY).map(all::get);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("others")
    void notesAndEndsOfLinesChangeNothing(Path folder) throws Exception {
        for (var text : texts(folder).entrySet()) {
            String name = text.getKey().toString();
            write(name, name.endsWith(CASE) ? text.getValue() : noted(text.getValue(), ending(text.getKey())));
        }
        assertThat(AcceptanceCase.differences(copy)).isEmpty();
    }

    private static String noted(String text, String ending) {
        if (LONG_TEXT.matcher(text).find()) {
            return text.replace("\n", "\r\n");
        }
        String sign = NOTED_BY_HASH.contains(ending) ? "#" : "//";
        var noted = new StringBuilder();
        for (String line : text.split("\n")) {
            String indent = line.substring(0, line.length() - line.stripLeading().length());
            noted.append(NOT_NOTED.matcher(line).matches()
                    ? line
                    : indent + sign + " what follows\r\n" + line + " " + sign + " what stands before").append("\r\n");
        }
        return noted.toString();
    }

    private static Map<Path, String> texts(Path folder) throws IOException {
        Map<Path, String> texts = new HashMap<>();
        try (var files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                texts.put(folder.relativize(file), Files.readString(file, StandardCharsets.ISO_8859_1));
            }
        }
        return texts;
    }

    private void write(String path, String text) throws IOException {
        Path file = copy.resolve(path);
        Files.createDirectories(file.getParent());
        Files.writeString(file, text, StandardCharsets.ISO_8859_1);
    }

    private static String ending(Path file) {
        String name = file.toString();
        return name.substring(name.lastIndexOf('.') + 1);
    }

    /** A word of three syllables that says nothing. */
    private static String madeUp(int number) {
        String consonants = "bdfgklmnprstvz";
        String vowels = "aeiou";
        var word = new StringBuilder("Zo");
        for (int rest = number + 1, i = 0; i < 2; i++, rest /= consonants.length() * vowels.length()) {
            word.append(consonants.charAt(rest % consonants.length()))
                    .append(vowels.charAt(rest / consonants.length() % vowels.length()));
        }
        return word.append('x').toString();
    }

    private static String renamedFile(String name, Map<String, String> instead) {
        int dot = name.lastIndexOf('.');
        String stem = dot < 0 ? name : name.substring(0, dot);
        return instead.getOrDefault(stem, stem) + (dot < 0 ? "" : name.substring(dot));
    }

    private static String renamed(String text, Map<String, String> instead) {
        return Pattern.compile("(?<![\\w$])[A-Z]\\w*")
                .matcher(text)
                .replaceAll(found -> Matcher.quoteReplacement(instead.getOrDefault(found.group(), found.group())));
    }
}
