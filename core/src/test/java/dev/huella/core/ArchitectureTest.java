package dev.huella.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A package depends only on those before it in the flow. */
class ArchitectureTest {
    private static final List<String> ORDER = List.of("source", "facts", "reading", "model", "resolve", "molde",
            "match",
            "conformance", "diagram", "drawing", "layout", "exchange", "project");
    private static final Pattern IMPORT = Pattern.compile("import (?:static )?dev\\.huella\\.core\\.(\\w+)");

    @Test
    void importsPointBackOnly() throws IOException {
        List<String> wrong = new ArrayList<>();
        Path root = Path.of("src/main/java/dev/huella/core");
        try (var files = Files.walk(root)) {
            for (Path file : files.filter(path -> path.toString().endsWith(".java")).toList()) {
                String own = root.relativize(file).getName(0).toString();
                var imports = IMPORT.matcher(Files.readString(file));
                while (imports.find()) {
                    if (ORDER.indexOf(imports.group(1)) > ORDER.indexOf(own)) {
                        wrong.add(file + " imports " + imports.group(1));
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void noPatternHasJavaOfItsOwn() throws IOException {
        List<String> ids = dev.huella.core.molde.Catalogue.shipped()
                .definitions()
                .stream()
                .map(definition -> "\"" + definition.id() + "\"")
                .toList();
        try (var files = Files.walk(Path.of("src/main/java"))) {
            // grammars and UML have names of their own for their parts, some of which are words for patterns too
            for (Path file : files.filter(path -> path.toString().endsWith(".java")
                    && !path.toString().contains("/reading/") && !path.toString().contains("/xmi/")).toList()) {
                String text = Files.readString(file);
                assertThat(ids).as(file.toString()).noneMatch(text::contains);
            }
        }
    }

    @Test
    void everyPackageSaysWhatItIs() throws IOException {
        try (var folders = Files.walk(Path.of("src/main/java/dev/huella/core"))) {
            for (Path folder : folders.filter(Files::isDirectory).toList()) {
                try (var files = Files.list(folder)) {
                    if (files.anyMatch(file -> file.toString().endsWith(".java"))) {
                        assertThat(folder.resolve("package-info.java")).exists();
                    }
                }
            }
        }
    }
}
