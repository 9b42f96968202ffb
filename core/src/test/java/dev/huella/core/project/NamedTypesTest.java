package dev.huella.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.huella.core.CodeBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A name that a person gives means one type, or is told what it could mean. */
class NamedTypesTest {
    private final NamedTypes types = new NamedTypes(CodeBase.in("cs", """
            namespace Aldera { class Slip { } class Slip<T> { } class Slip<T, U> { class Part { } } }
            namespace Old { class Crane { } class Slip<T> { } }
            namespace New { class Crane { } }
            """), "port");

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Aldera.Slip|0", "Slip|0", "Aldera.Slip<T>|1", "Slip<A, B>|2",
            "Slip.Part|0", "Old.Crane|0"})
    void oneOfThatNameAndWithThatManyParametersIsMeant(String name, int parameters) {
        assertThat(types.one(name).variables()).hasSize(parameters);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Crane|several types named Crane: Old.Crane, New.Crane",
            "Slip<T>|several types named Slip<T>: Aldera.Slip<T>, Old.Slip<T>",
            "Slip<A, B, C>|no type Slip<A, B, C> in port",
            "Hoist|no type Hoist in port"})
    void whatItCouldMeanIsTold(String name, String expected) {
        assertThatThrownBy(() -> types.one(name)).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(expected);
    }

    @Test
    void typesThatNothingTellsApartAreToldByTheirFiles() {
        var twice = new NamedTypes(CodeBase.in("cs", "class Tug { } class Tug { }"), "port");
        assertThatThrownBy(() -> twice.one("Tug")).hasMessageContaining("Give a folder that holds only one of them");
    }
}
