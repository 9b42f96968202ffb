package dev.huella.demo;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Relation;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The structure recovered from each service of the demo, one service for each language, in full and checked by hand.
 * A run that differs writes what it recovered into {@code target/structure}.
 */
class ServiceStructureTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"pilotage", "customs", "cranes", "berthboard", "tidefeed", "weather", "moorings",
            "provisions", "dockside"})
    void isRecoveredWhole(String service) throws Exception {
        Path source = Aldera.copyTo(folder).resolve(service);
        Model model = Project.read(List.of(source), SourceFilter.ALL, Work.QUIET).model();
        assertThat(model.files()).allSatisfy(file -> assertThat(file.problems()).isEmpty());
        String recovered = text(model);
        Path expected = Path.of("src/test/resources/structure", service + ".txt");
        if (!Files.exists(expected) || !Files.readString(expected).equals(recovered)) {
            Files.createDirectories(Path.of("target/structure"));
            Files.writeString(Path.of("target/structure", service + ".txt"), recovered);
        }
        assertThat(recovered).isEqualTo(Files.readString(expected));
    }

    private static String text(Model model) {
        Stream<String> types = model.types().stream().filter(type -> !type.shape()).map(ServiceStructureTest::text);
        Stream<String> relations = model.relations().stream().map(ServiceStructureTest::text).sorted();
        return Stream.concat(types, relations).collect(Collectors.joining("\n", "", "\n"));
    }

    private static String text(CodeType type) {
        var text = new StringBuilder(type.kind().word() + " " + type.qualifiedName());
        text.append(type.isAbstract() ? " abstract" : "");
        type.fields().forEach(field -> text.append("\n  ").append(text(field)));
        type.declaredOperations().forEach(operation -> text.append("\n  ").append(text(operation)));
        return text.toString();
    }

    private static String text(Field field) {
        CodeType held = field.held().type().erased();
        return field.modifiers().visibility().sign() + (field.isStatic() ? "static " : "") + field.name() + ": "
                + field.type().text() + (held == null || held.shape()
                        ? ""
                        : " -> " + held.name() + " "
                                + field.held().many());
    }

    private static String text(Operation operation) {
        String parameters = operation.parameters()
                .stream()
                .map(parameter -> parameter.name() + ": " + parameter.type().text())
                .collect(Collectors.joining(", "));
        return operation.modifiers().visibility().sign() + (operation.isStatic() ? "static " : "")
                + (operation.isAbstract() ? "abstract " : "") + operation.name() + "(" + parameters + "): "
                + operation.returns().text();
    }

    private static String text(Relation relation) {
        String stereotype = relation.stereotype().isEmpty() ? "" : " <<" + relation.stereotype() + ">>";
        String role = relation.role().isEmpty() ? "" : " " + relation.role() + " " + relation.multiplicity();
        return relation.kind().word() + " " + relation.from().name() + " " + relation.to().name() + role + stereotype;
    }
}
