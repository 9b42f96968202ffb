package dev.huella.core.resolve;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names of operations that are put together when the code runs. */
class BuiltNameTest {
    @ParameterizedTest
    @CsvSource({"visit_*,visit_crate,true", "visit_*,visit_,true", "visit_*,visitor,false",
            "*Changed,levelChanged,true",
            "*Changed,changed,false", "on*Event,onTideEvent,true", "on*Event,onEvent,true", "on*Event,onEven,false"})
    void mayComeOutAsWhatBeginsAndEndsLikeIt(String name, String other, boolean matches) {
        assertThat(BuiltName.matches(name, other)).isEqualTo(matches);
    }

    @Test
    void aStarAloneSaysNothing() {
        assertThat(BuiltName.is("*")).isFalse();
        assertThat(BuiltName.is("a*")).isFalse();
        assertThat(BuiltName.is("visit_*")).isTrue();
        assertThat(BuiltName.is("visit")).isFalse();
    }
}
