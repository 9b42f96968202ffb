package dev.huella.core.molde;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SentenceTest {
    private static final Map<String, List<String>> PLAYERS = Map.of("subject", List.of("Lock"), "update",
            List.of("filled", "emptied"));

    private static String filled(String words) {
        return Sentence.with(words, role -> PLAYERS.getOrDefault(role, List.of()));
    }

    @Test
    void aVerbAgreesWithHowManyItIsSaidOf() {
        assertThat(filled("{subject} has {update}")).isEqualTo("Lock has filled and emptied");
        assertThat(filled("{update} has no {subject}")).isEqualTo("filled and emptied have no Lock");
    }

    @Test
    void theFirstNameThatIsFilledIsTaken() {
        assertThat(filled("{registry or subject} keeps {registry}")).isEqualTo("Lock keeps registry");
    }

    @Test
    void ofManyNamesTheFirstAreTold() {
        assertThat(Sentence.listed(List.of("a", "b", "c"))).isEqualTo("a, b and c");
        assertThat(Sentence.listed(List.of("a", "b", "c", "d", "a"))).isEqualTo("a, b and 2 more");
        assertThat(Sentence.listed(List.of("a", "a"))).isEqualTo("a");
    }

    @ParameterizedTest
    @CsvSource({"is,are", "has,have", "does,do", "goes,go", "keeps,keep", "passes,pass", "reaches,reach", "uses,use",
            "supplies,supply", "and,and", "as,as", "chooses,choose"})
    void isSaidOfSeveral(String one, String many) {
        assertThat(Sentence.ofMany(one)).isEqualTo(many);
    }
}
