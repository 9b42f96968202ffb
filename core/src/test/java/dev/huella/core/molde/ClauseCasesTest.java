package dev.huella.core.molde;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.ServiceLoader;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Each clause alone, on code in which it holds and on code in which it does not. {@code clauses.txt} has blocks of
 * lines: {@code #} the clause; {@code +} a row that must be there, a bar, the code; {@code -} a row that must not. A word
 * before a colon and a space, right behind the bar, is the ending of files of the code's language, which else is Java.
 */
class ClauseCasesTest {
    private static final Map<String, Clause.Listed> CLAUSES = new HashMap<>();
    private static final Pattern LANGUAGE = Pattern.compile(" (\\w+): (.*)");

    static {
        ServiceLoader.load(Clause.class).forEach(clause -> {
            if (clause instanceof Clause.Listed listed) {
                CLAUSES.put(listed.syntax(), listed);
            }
        });
    }

    record Case(String clause, boolean holds, String row, String code) {
        @Override
        public String toString() {
            return clause + (holds ? " holds: " : " does not hold: ") + row;
        }
    }

    static List<Case> cases() throws Exception {
        List<Case> all = new ArrayList<>();
        String clause = "";
        for (String line : Files.readAllLines(Path.of("src/test/resources/clauses.txt"))) {
            if (line.startsWith("# ")) {
                clause = line.substring(2).strip();
            } else if (!line.isBlank()) {
                int bar = line.indexOf('|');
                all.add(new Case(clause, line.charAt(0) == '+', line.substring(1, bar).strip(),
                        line.substring(bar + 1)));
            }
        }
        return all;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void holdsWhereItShould(Case one) {
        assertThat(CLAUSES).containsKey(one.clause());
        Matcher named = LANGUAGE.matcher(one.code());
        Model model = named.matches()
                ? CodeBase.in(named.group(1), named.group(2).translateEscapes())
                : CodeBase.of(one.code());
        assertThat(elements(model)).as("a row of things that are there").contains(one.row().split(" "));
        Set<String> rows = rows(CLAUSES.get(one.clause()), model);
        if (one.holds()) {
            assertThat(rows).contains(one.row());
        } else {
            assertThat(rows).doesNotContain(one.row());
        }
    }

    @Test
    void everyCaseOfHoldingHasOneOfSilence() throws Exception {
        Map<String, Set<Boolean>> both = cases().stream()
                .collect(Collectors.groupingBy(Case::clause, Collectors.mapping(Case::holds, Collectors.toSet())));
        assertThat(both).allSatisfy((clause, kinds) -> assertThat(kinds).as(clause).hasSize(2));
    }

    private static Set<String> rows(Clause.Listed clause, Model model) {
        Set<String> rows = new LinkedHashSet<>();
        clause.rows(model, (at, elements) -> rows
                .add(Arrays.stream(elements).map(ClauseCasesTest::name).collect(Collectors.joining(" "))));
        return rows;
    }

    private static Set<String> elements(Model model) {
        return Stream.concat(model.types().stream(), model.outside().stream())
                .flatMap(type -> Stream.of(Stream.of(type), type.fields().stream(), type.operations().stream()))
                .flatMap(elements -> elements.map(ClauseCasesTest::name))
                .collect(Collectors.toSet());
    }

    /** Qualified, without the parameters of operations. */
    private static String name(Element element) {
        return element.toString().replaceAll("\\(.*", "");
    }
}
