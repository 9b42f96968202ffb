package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Wherever a language lets code stand, what it calls is seen: each operation of a lamp is called in another place. */
class PlacesTest {
    private static final Path PLACES = Path.of("src/test/resources/places");

    static List<String> files() throws Exception {
        try (Stream<Path> files = Files.list(PLACES)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @ParameterizedTest
    @MethodSource("files")
    void whatStandsThereIsRead(String file) throws Exception {
        Model model = CodeBase.in(file.substring(file.lastIndexOf('.') + 1), Files.readString(PLACES.resolve(file)));
        Set<Operation> called = model.types()
                .stream()
                .flatMap(type -> type.operations().stream())
                .flatMap(operation -> operation.deeds().stream())
                .filter(Deed.Calls.class::isInstance)
                .map(deed -> ((Deed.Calls) deed).callee())
                .filter(callee -> callee != null)
                .collect(Collectors.toSet());
        CodeType lamp = CodeBase.type(model, "Lamp");
        List<Operation> lit = lamp.operations().stream().filter(one -> one.name().startsWith("lit")).toList();
        assertThat(lit).hasSizeGreaterThan(30);
        assertThat(called).containsAll(lit);
        assertThat(model.files().getFirst().problems()).isEmpty();
    }
}
