package dev.huella.core.molde;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.molde.DefinitionPage.Section;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DefinitionPageTest {
    @TempDir
    Path folder;

    static List<String> shipped() {
        return Catalogue.shipped().definitions().stream().map(PatternDefinition::id).toList();
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void everyPatternHasAPageThatNamesItsLookAlikes(String id) {
        DefinitionPage page = Catalogue.shipped().page(id);
        assertThat(page.sections()).extracting(Section::heading)
                .containsExactly("What it is for", "How it is known", "What it costs", "Easily taken for");
        assertThat(page.sections()).allSatisfy(section -> assertThat(section.text().split(" ")).hasSizeBetween(9, 90));
    }

    @Test
    void anOwnDefinitionBringsItsPageAlong() throws Exception {
        Path own = folder.resolve("keeper.molde");
        Files.writeString(own, """
                pattern keeper : structural
                  "It keeps one other."

                roles
                  holder key type
                  held key type

                recognised by
                  holder has Slot
                  Slot keeps one held
                """);
        assertThat(Catalogue.with(List.of(own)).page("keeper")).isNull();
        Files.writeString(folder.resolve("keeper.md"), "Draft\n\n## What for\n\nTo keep\none.\n\n## Cost\nNone.\n");
        Catalogue catalogue = Catalogue.with(List.of(own));
        assertThat(catalogue.problems()).isEmpty();
        assertThat(catalogue.page("keeper").sections()).containsExactly(new Section("What for", "To keep one."),
                new Section("Cost", "None."));
    }
}
