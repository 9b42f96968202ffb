package dev.huella.core.molde;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoldeCompilerTest {
    private static final String GOOD = """
            pattern holder : structural
              "One type keeps another."

            roles
              whole  key type
              part   key type
              slot   field, 1..*

            recognised by
              slot belongs to whole
              slot keeps one part
              not part is plain

            owes
              should apart "The part does not know the whole"
                no part names any whole
            """;

    private static MoldeCompiler.Result compile(String text) {
        return MoldeCompiler.compile("own.molde", text, ClauseForms.supplied());
    }

    @Test
    void aGoodDefinitionCompiles() {
        MoldeCompiler.Result result = compile(GOOD);
        assertThat(result.problems()).isEmpty();
        PatternDefinition definition = result.definitions().getFirst();
        assertThat(definition.roles()).extracting(PatternDefinition.Role::name)
                .containsExactly("whole", "part", "slot");
        assertThat(definition.obligations()).singleElement()
                .satisfies(owed -> assertThat(owed.level()).isEqualTo(PatternDefinition.Level.SHOULD));
        assertThat(definition.text()).startsWith("pattern holder").endsWith("any whole");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{Stranger} knows it", "{part} or {slot or Stranger} knows it"})
    void aSentenceNamesOnlyWhatItsObligationSpeaksOf(String sentence) {
        String text = GOOD + "    otherwise \"" + sentence + "\"\n";
        assertThat(compile(text).problems()).singleElement()
                .satisfies(problem -> assertThat(problem.message()).contains("names \"Stranger\""));
        assertThat(compile(text.replace("Stranger", "whole")).problems()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "slot keeps one part|slot kepes one part|Did you mean \"keeps\"?",
            "slot belongs to whole|slto belongs to whole|Did you mean \"slot\"?",
            "roles|rolls|Did not expect",
            "slot   field, 1..*|slot   feild, 1..*|Did you mean \"field\"?",
            "whole  key type|whole  type|unbound key",
            "should apart|shuold apart|Did you mean \"should\"?"})
    void aFaultIsToldWithPlaceAndRemedy(String good, String bad, String expected) {
        MoldeCompiler.Result result = compile(GOOD.replace(good, bad));
        if (expected.equals("unbound key")) {
            assertThat(result.problems()).isEmpty(); // one key role is enough
            return;
        }
        MoldeProblem problem = result.problems().getFirst();
        assertThat(problem.message()).contains(expected);
        assertThat(problem.text()).contains(bad);
        assertThat(problem.toString()).contains("own.molde:" + problem.line() + ":" + problem.column()).endsWith("^");
        assertThat(result.definitions()).isEmpty();
    }

    @Test
    void aRoleThatNothingBindsIsToldByName() {
        MoldeCompiler.Result result = compile(GOOD.replace("  slot keeps one part\n  not part is plain\n", ""));
        assertThat(result.problems()).extracting(MoldeProblem::message)
                .anySatisfy(message -> assertThat(message).contains("Nothing says who plays \"part\""));
    }

    @Test
    void withoutAKeyRoleADefinitionIsRefused() {
        MoldeCompiler.Result result = compile(GOOD.replace(" key ", " "));
        assertThat(result.problems()).extracting(MoldeProblem::message)
                .anySatisfy(message -> assertThat(message).contains("No role is marked \"key\""));
    }

    @Test
    void aLocalNameHasOneSort() {
        MoldeCompiler.Result result = compile(GOOD.replace("not part is plain",
                "Going belongs to whole and Going calls Done\n  Going is plain"));
        assertThat(result.problems().getFirst().message()).contains("\"Going\" stands for a type elsewhere");
    }

    @Test
    void phrasesServeLikeClauses() {
        MoldeCompiler.Result result = compile("""
                phrase <Whole: type> has inside <Part: type>
                means Slot belongs to Whole and Slot keeps Part

                """ + GOOD.replace("slot keeps one part", "slot keeps one part\n  whole has inside part"));
        assertThat(result.problems()).isEmpty();
    }

    @Test
    void aPhraseSaysWhatItsPartsCanBe() {
        MoldeCompiler.Result result = compile("""
                phrase <Made: type> is made outside <Owner: type>
                means Elsewhere creates Made and not Elsewhere is a Owner

                """ + GOOD);
        assertThat(result.problems()).singleElement()
                .extracting(MoldeProblem::message)
                .asString()
                .contains("Nothing says what \"Owner\" can be");
    }

    @Test
    void thePageListsEveryClause() throws Exception {
        String page = java.nio.file.Files.readString(java.nio.file.Path.of("../docs/molde.md"));
        Catalogue.shipped()
                .sentences()
                .forEach((sentence, meaning) -> assertThat(page)
                        .contains("| `" + sentence + "` | " + meaning + " |"));
    }

    @Test
    void theShippedCatalogueIsWithoutFault() {
        assertThat(Catalogue.shipped().problems()).isEmpty();
        assertThat(Catalogue.shipped().definitions()).extracting(PatternDefinition::id)
                .hasSize(26)
                .isSorted();
        assertThat(Catalogue.shipped().opportunities()).hasSize(13);
    }
}
